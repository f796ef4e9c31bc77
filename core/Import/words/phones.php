<?php

// Labels before numbers to dial, by what they are; those cards print come besides (Card/Kind/words.php).

return [
    'en' => [
        'mobile' => ['m', 'mob', 'mobile', 'cell', 'cellphone', 'cellular', 'mobile phone', 'whatsapp', 'text'],
        'fax' => ['f', 'fax', 'fx', 'telefax', 'facsimile'],
        'direct' => ['d', 'dd', 'ddi', 'direct', 'direct line', 'direct dial', 'dir', 'ext'],
        'office' => ['o', 'office', 'switchboard', 'main', 'reception', 'head office', 'desk', 'work', 'landline', 'ph', 'off'],
    ],
    'de' => [
        'mobile' => ['handy', 'mobil', 'mobiltelefon', 'mobilnummer', 'funk', 'natel', 'mob. tel'],
        'direct' => ['durchwahl', 'dw', 'direkt', 'durchw'],
        'office' => ['büro', 'zentrale', 'sekretariat', 'empfang', 'festnetz'],
        'fax' => ['telefax', 'tfx', 'telefaxnummer'],
    ],
    'fr' => [
        'mobile' => ['portable', 'port', 'gsm', 'tél. portable', 'mob'],
        'fax' => ['télécopie', 'téléc'],
        'direct' => ['ligne directe', 'dir'],
        'office' => ['standard', 'bureau', 'fixe', 'accueil', 'secrétariat'],
    ],
    'es' => [
        'mobile' => ['móvil', 'movil', 'celular', 'cel', 'tel. móvil', 'tfno. móvil', 'mvl'],
        'direct' => ['directo', 'línea directa'],
        'office' => ['oficina', 'centralita', 'fijo', 'conmutador'],
    ],
    'pt' => [
        'mobile' => ['telemóvel', 'tlm', 'tm', 'celular', 'cel', 'telm', 'móvel'],
        'direct' => ['direto', 'directo', 'linha direta'],
        'office' => ['geral', 'escritório', 'fixo', 'pabx'],
    ],
    'it' => [
        'mobile' => ['cellulare', 'cell', 'mobile', 'tel. cell'],
        'direct' => ['diretto', 'linea diretta', 'interno'],
        'office' => ['ufficio', 'centralino', 'fisso', 'sede'],
    ],
    'nl' => [
        'mobile' => ['mobiel', 'gsm', 'mob'],
        'direct' => ['direct', 'rechtstreeks', 'doorkiesnummer'],
        'office' => ['kantoor', 'algemeen', 'centrale', 'vast', 'receptie'],
    ],
    'pl' => [
        'mobile' => ['komórka', 'kom', 'tel. kom', 'tel. komórkowy', 'kom.'],
        'fax' => ['faks'],
        'direct' => ['bezpośredni', 'tel. bezpośredni', 'wew'],
        'office' => ['biuro', 'centrala', 'sekretariat', 'stacjonarny'],
    ],
    'cs' => [
        'mobile' => ['mobilní', 'gsm', 'mobilní telefon'],
        'direct' => ['přímá linka', 'klapka', 'linka'],
        'office' => ['kancelář', 'ústředna', 'recepce', 'pevná linka'],
    ],
    'sk' => [
        'mobile' => ['mobilný', 'mobilný telefón'],
        'direct' => ['priama linka'],
        'office' => ['kancelária', 'ústredňa', 'pevná linka'],
    ],
    'sv' => [
        'mobile' => ['mobiltelefon', 'mobilnummer'],
        'direct' => ['direkt', 'direktnr', 'direktnummer', 'direkttel'],
        'office' => ['växel', 'kontor', 'vx', 'arbete'],
    ],
    'da' => [
        'mobile' => ['mobiltelefon', 'mobilnr', 'mob'],
        'direct' => ['direkte', 'direkte tlf', 'dir'],
        'office' => ['kontor', 'hovednummer', 'omstilling', 'hovednr'],
    ],
    'nb' => [
        'mobile' => ['mobiltelefon', 'mobilnr'],
        'direct' => ['direkte', 'dir.tlf'],
        'office' => ['kontor', 'sentralbord', 'tlf. kontor'],
    ],
    'fi' => [
        'mobile' => ['matkapuhelin', 'gsm', 'mobiili', 'matkap'],
        'fax' => ['faksi'],
        'direct' => ['suora', 'suora numero'],
        'office' => ['vaihde', 'toimisto', 'keskus'],
    ],
    'hu' => [
        'mobile' => ['mobiltelefon', 'mobilszám'],
        'direct' => ['közvetlen', 'közvetlen vonal', 'mellék'],
        'office' => ['iroda', 'központ', 'vezetékes'],
    ],
    'ro' => [
        'mobile' => ['mobil', 'tel. mobil', 'telefon mobil'],
        'direct' => ['linie directă'],
        'office' => ['birou', 'centrală', 'fix'],
    ],
    'hr' => [
        'mobile' => ['mobitel', 'mob'],
        'fax' => ['faks'],
        'direct' => ['izravno', 'izravni'],
        'office' => ['ured', 'centrala'],
    ],
    'el' => [
        'mobile' => ['κινητό', 'κιν'],
        'fax' => ['φαξ', 'fax'],
        'direct' => ['απευθείας', 'εσωτ'],
        'office' => ['γραφείο', 'κέντρο', 'σταθερό'],
    ],
    'ru' => [
        'mobile' => ['моб', 'мобильный', 'мобильный телефон', 'моб. тел', 'сот', 'сотовый'],
        'fax' => ['факс'],
        'direct' => ['прямой', 'доб', 'прямая линия'],
        'office' => ['офис', 'раб', 'рабочий', 'городской', 'приёмная', 'приемная'],
    ],
    'uk' => [
        'mobile' => ['моб', 'мобільний', 'моб. тел'],
        'fax' => ['факс'],
        'direct' => ['прямий', 'вн'],
        'office' => ['офіс', 'роб', 'робочий', 'приймальня'],
    ],
    'tr' => [
        'mobile' => ['cep', 'gsm', 'cep tel', 'cep telefonu', 'mobil'],
        'fax' => ['faks', 'belgegeçer'],
        'direct' => ['direkt', 'dahili'],
        'office' => ['ofis', 'santral', 'sabit', 'iş'],
    ],
    'ar' => [
        'mobile' => ['جوال', 'الجوال', 'محمول', 'المحمول', 'موبايل', 'نقال', 'خلوي', 'واتساب'],
        'fax' => ['فاكس', 'الفاكس'],
        'direct' => ['مباشر', 'تحويلة', 'الخط المباشر'],
        'office' => ['المكتب', 'السنترال', 'مكتب', 'هاتف المكتب'],
    ],
    'he' => [
        'mobile' => ['נייד', 'טלפון נייד', 'סלולרי', 'פלאפון', 'סלולארי'],
        'fax' => ['פקס', 'פקס\''],
        'direct' => ['ישיר', 'קו ישיר', 'שלוחה'],
        'office' => ['משרד', 'מרכזייה', 'טל. משרד'],
    ],
    'ja' => [
        'mobile' => ['携帯', '携帯電話', 'モバイル', '手机'],
        'fax' => ['ファックス', 'ファクス', 'fax'],
        'direct' => ['直通', '内線'],
        'office' => ['会社', '代表', '代表電話', 'オフィス'],
    ],
    'ko' => [
        'mobile' => ['휴대폰', '휴대전화', '핸드폰', '모바일', 'hp', 'h.p'],
        'fax' => ['팩스'],
        'direct' => ['직통', '내선', '직통전화'],
        'office' => ['사무실', '대표', '대표전화', '대표번호', '회사'],
    ],
    'zh' => [
        'mobile' => ['手机', '手機', '移动电话', '行動電話', '手机号'],
        'fax' => ['传真', '傳真'],
        'direct' => ['直线', '直線', '分机', '分機', '专线'],
        'office' => ['办公室', '總機', '总机', '座机', '办公电话', '公司'],
    ],
];
