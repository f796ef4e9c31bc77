<?php

// Labels before numbers and addresses: `plain` ones always are, `marked` ones before a sign such as a colon.

return [
    'en' => [
        'plain' => ['e-mail', 'email', 'mail', 'web', 'website', 'url', 'site', 'tel', 'telephone', 'phone', 'call', 'mob', 'mobile', 'cell', 'fax', 'find us', 'follow me', 'follow us', 'phone number', 'telephone number', 'e mail', 'online', 'homepage', 'mailto', 'skype'],
        'marked' => ['direct', 'office', 'address', 'a', 'e', 'm', 't', 'p', 'w', 'f', 'd', 'o', 'tel no', 'no', 'number', 'add', 'contact', 'visit', 'h', 'c', 'ph', 'l', 'i'],
    ],
    'de' => [
        'plain' => ['webseite', 'telefon', 'mobil', 'handy', 'tel.', 'telefonnummer', 'fon', 'fernsprecher', 'ruf', 'internet', 'e-mail-adresse', 'homepage', 'mailadresse', 'netz', 'rufnummer'],
        'marked' => ['büro', 'adresse', 'anschrift', 'sitz', 'besuch', 'post', 'rückruf'],
    ],
    'fr' => [
        'plain' => ['tél', 'téléphone', 'tel', 'courriel', 'mél', 'mail', 'site web', 'site internet', 'site', 'internet', 'adresse e-mail', 'adresse mail'],
        'marked' => ['adresse', 'bureaux', 'siège', 'siège social'],
    ],
    'es' => [
        'plain' => ['tel', 'teléfono', 'telf', 'tfno', 'tfn', 'tlf', 'tel/fax', 'correo', 'correo electrónico', 'sitio web', 'página web', 'e-correo', 'teléfonos'],
        'marked' => ['dirección', 'dir', 'domicilio', 'sede'],
    ],
    'pt' => [
        'plain' => ['tel', 'telefone', 'telef', 'tlf', 'fone', 'correio eletrónico', 'correio eletrônico', 'sítio', 'página', 'telefones'],
        'marked' => ['endereço', 'morada', 'sede', 'end'],
    ],
    'it' => [
        'plain' => ['tel', 'telefono', 'posta', 'posta elettronica', 'sito', 'sito web', 'sito internet', 'pec', 'tel/fax'],
        'marked' => ['indirizzo', 'sede', 'ind'],
    ],
    'nl' => [
        'plain' => ['tel', 'telefoon', 'telnr', 'tel.nr', 'e-mailadres', 'website', 'internet', 'mailadres', 'telefoonnummer'],
        'marked' => ['adres', 'bezoekadres', 'postadres', 'locatie'],
    ],
    'pl' => [
        'plain' => ['tel', 'telefon', 'e-mail', 'strona', 'strona www', 'adres e-mail', 'www', 'poczta', 'tel./fax'],
        'marked' => ['adres', 'siedziba'],
    ],
    'cs' => [
        'plain' => ['tel', 'telefon', 'e-mail', 'stránky', 'web', 'www', 'tel. č', 't. č', 'email'],
        'marked' => ['adresa', 'sídlo', 'tel/fax'],
    ],
    'sk' => [
        'plain' => ['telefón', 'tel. č', 'stránka'],
        'marked' => ['adresa', 'sídlo'],
    ],
    'sv' => [
        'plain' => ['tel', 'telefon', 'tfn', 'e-post', 'epost', 'e-postadress', 'hemsida', 'webb', 'webbplats', 'telnr'],
        'marked' => ['adress', 'besöksadress', 'postadress', 'besök', 'post'],
    ],
    'da' => [
        'plain' => ['tlf', 'tel', 'telefon', 'tlf.nr', 'e-mail', 'mail', 'hjemmeside', 'web', 'tlfnr'],
        'marked' => ['adresse', 'besøgsadresse', 'postadresse'],
    ],
    'nb' => [
        'plain' => ['tlf', 'telefon', 'e-post', 'epost', 'nettside', 'nettsted', 'hjemmeside'],
        'marked' => ['adresse', 'besøksadresse', 'postadresse'],
    ],
    'fi' => [
        'plain' => ['puh', 'p', 'puhelin', 'puhelinnumero', 'sähköposti', 's-posti', 'sposti', 'verkkosivut', 'verkkosivu', 'kotisivu', 'kotisivut', 'www'],
        'marked' => ['osoite', 'käyntiosoite', 'postiosoite'],
    ],
    'hu' => [
        'plain' => ['tel', 'telefon', 'telefonszám', 'e-mail', 'e-mail cím', 'honlap', 'weboldal', 'weblap'],
        'marked' => ['cím', 'székhely', 'telephely'],
    ],
    'ro' => [
        'plain' => ['tel', 'telefon', 'e-mail', 'site', 'pagina web', 'adresa de e-mail', 'nr. tel'],
        'marked' => ['adresa', 'adresă', 'sediu'],
    ],
    'hr' => [
        'plain' => ['tel', 'telefon', 'e-pošta', 'web'],
        'marked' => ['adresa', 'sjedište'],
    ],
    'el' => [
        'plain' => ['τηλ', 'τηλέφωνο', 'τηλ/φαξ', 'e-mail', 'ηλ. ταχυδρομείο', 'ιστοσελίδα', 'ιστότοπος'],
        'marked' => ['διεύθυνση', 'δ/νση', 'έδρα'],
    ],
    'ru' => [
        'plain' => ['тел', 'телефон', 'т', 'тел./факс', 'эл. почта', 'электронная почта', 'почта', 'e-mail', 'сайт', 'веб-сайт', 'эл. адрес', 'имейл'],
        'marked' => ['адрес', 'юр. адрес', 'офис'],
    ],
    'uk' => [
        'plain' => ['тел', 'телефон', 'т', 'ел. пошта', 'електронна пошта', 'пошта', 'сайт', 'вебсайт', 'ел. адреса'],
        'marked' => ['адреса', 'офіс'],
    ],
    'tr' => [
        'plain' => ['tel', 'telefon', 'e-posta', 'eposta', 'e-mail', 'web', 'web sitesi', 'internet sitesi', 'site'],
        'marked' => ['adres', 'adresi', 'merkez'],
    ],
    'ar' => [
        'plain' => ['هاتف', 'الهاتف', 'تليفون', 'تلفون', 'ت', 'رقم الهاتف', 'هـ', 'البريد الإلكتروني', 'بريد إلكتروني', 'البريد الالكتروني', 'بريد الكتروني', 'البريد', 'إيميل', 'ايميل', 'الموقع', 'الموقع الإلكتروني', 'موقع'],
        'marked' => ['العنوان', 'عنوان', 'المقر'],
    ],
    'he' => [
        'plain' => ['טל', 'טל\'', 'טל׳', 'טלפון', 'דוא"ל', 'דוא״ל', 'דואר אלקטרוני', 'אימייל', 'מייל', 'אתר', 'אתר אינטרנט', 'כתובת מייל'],
        'marked' => ['כתובת', 'מען'],
    ],
    'ja' => [
        'plain' => ['電話', '電話番号', 'tel', 'メール', 'メールアドレス', 'eメール', 'e-mail', 'ウェブサイト', 'ウェブ', 'ホームページ', 'hp', 'url', 'サイト'],
        'marked' => ['住所', '所在地'],
    ],
    'ko' => [
        'plain' => ['전화', '전화번호', '연락처', '이메일', '메일', '전자우편', '웹사이트', '홈페이지', '웹', '사이트', 'tel'],
        'marked' => ['주소', '소재지'],
    ],
    'zh' => [
        'plain' => ['电话', '電話', '电话号码', '联系电话', '聯絡電話', '邮箱', '郵箱', '邮件', '郵件', '电子邮件', '電子郵件', '电子邮箱', '电邮', '電郵', '网站', '網站', '网址', '網址', '官网', '主页'],
        'marked' => ['地址', '住址', '办公地址'],
    ],
];
