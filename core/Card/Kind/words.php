<?php

/*
 * Words a card says by itself, by the language of the card (BCP 47): kinds of numbers, what stands in place of
 * pictures, and until when something is to be had. `%s` is a name, an offer, a day.
 */
$keys = [
    'office', 'mobile', 'direct', 'fax', 'portrait', 'portrait of', 'until', 'phone', 'email', 'web', 'address',
    'picture', 'logo', 'banner', 'video',
];

return array_map(fn (array $words) => array_combine($keys, $words), [
    'ar' => ['المكتب', 'الجوال', 'مباشر', 'فاكس', 'صورة شخصية', 'صورة %s', '%s، حتى %s', 'هاتف', 'بريد إلكتروني', 'الموقع', 'العنوان', 'صورة', 'شعار', 'لافتة', 'فيلم'],
    'bg' => ['Офис', 'Мобилен', 'Директен', 'Факс', 'Портрет', 'Портрет на %s', '%s, до %s', 'Телефон', 'Имейл', 'Уебсайт', 'Адрес', 'Снимка', 'Лого', 'Банер', 'Филм'],
    'ca' => ['Oficina', 'Mòbil', 'Directe', 'Fax', 'Retrat', 'Retrat de %s', '%s, fins al %s', 'Telèfon', 'Correu', 'Web', 'Adreça', 'Imatge', 'Logotip', 'Bàner', 'Pel·lícula'],
    'cs' => ['Kancelář', 'Mobil', 'Přímá linka', 'Fax', 'Portrét', 'Portrét: %s', '%s, do %s', 'Telefon', 'E-mail', 'Web', 'Adresa', 'Obrázek', 'Logo', 'Banner', 'Film'],
    'da' => ['Kontor', 'Mobil', 'Direkte', 'Fax', 'Portræt', 'Portræt af %s', '%s, til og med %s', 'Telefon', 'E-mail', 'Web', 'Adresse', 'Billede', 'Logo', 'Banner', 'Film'],
    'de' => ['Büro', 'Mobil', 'Durchwahl', 'Fax', 'Porträt', 'Porträt von %s', '%s, bis %s', 'Telefon', 'E-Mail', 'Web', 'Adresse', 'Bild', 'Logo', 'Banner', 'Film'],
    'el' => ['Γραφείο', 'Κινητό', 'Απευθείας', 'Φαξ', 'Πορτρέτο', 'Πορτρέτο: %s', '%s, έως %s', 'Τηλέφωνο', 'E-mail', 'Ιστότοπος', 'Διεύθυνση', 'Εικόνα', 'Λογότυπο', 'Πανό', 'Ταινία'],
    'en' => ['Office', 'Mobile', 'Direct', 'Fax', 'Portrait', 'Portrait of %s', '%s, until %s', 'Phone', 'E-mail', 'Web', 'Address', 'Picture', 'Logo', 'Banner', 'Film'],
    'es' => ['Oficina', 'Móvil', 'Directo', 'Fax', 'Retrato', 'Retrato de %s', '%s, hasta el %s', 'Teléfono', 'Correo', 'Web', 'Dirección', 'Imagen', 'Logotipo', 'Banner', 'Película'],
    'et' => ['Kontor', 'Mobiil', 'Otse', 'Faks', 'Portree', '%s, portree', '%s, kuni %s', 'Telefon', 'E-post', 'Veeb', 'Aadress', 'Pilt', 'Logo', 'Bänner', 'Film'],
    'fa' => ['دفتر', 'همراه', 'مستقیم', 'نمابر', 'تصویر', 'تصویر %s', '%s، تا %s', 'تلفن', 'ایمیل', 'وبگاه', 'نشانی', 'تصویر', 'نشان', 'بنر', 'فیلم'],
    'fi' => ['Toimisto', 'Matkapuhelin', 'Suora', 'Faksi', 'Muotokuva', 'Muotokuva: %s', '%s, %s asti', 'Puhelin', 'Sähköposti', 'Verkkosivu', 'Osoite', 'Kuva', 'Logo', 'Banneri', 'Elokuva'],
    'fr' => ['Bureau', 'Mobile', 'Ligne directe', 'Fax', 'Portrait', 'Portrait de %s', '%s, jusqu’au %s', 'Téléphone', 'E-mail', 'Site web', 'Adresse', 'Image', 'Logo', 'Bannière', 'Film'],
    'he' => ['משרד', 'נייד', 'ישיר', 'פקס', 'דיוקן', 'דיוקן של %s', '%s, עד %s', 'טלפון', 'דוא״ל', 'אתר', 'כתובת', 'תמונה', 'לוגו', 'באנר', 'סרט'],
    'hi' => ['कार्यालय', 'मोबाइल', 'सीधा', 'फ़ैक्स', 'चित्र', '%s का चित्र', '%s, %s तक', 'फ़ोन', 'ईमेल', 'वेबसाइट', 'पता', 'चित्र', 'लोगो', 'बैनर', 'फ़िल्म'],
    'hr' => ['Ured', 'Mobitel', 'Izravno', 'Faks', 'Portret', 'Portret: %s', '%s, do %s', 'Telefon', 'E-pošta', 'Web', 'Adresa', 'Slika', 'Logotip', 'Natpis', 'Film'],
    'hu' => ['Iroda', 'Mobil', 'Közvetlen', 'Fax', 'Portré', '%s portréja', '%s, eddig: %s', 'Telefon', 'E-mail', 'Web', 'Cím', 'Kép', 'Logó', 'Szalaghirdetés', 'Film'],
    'id' => ['Kantor', 'Ponsel', 'Langsung', 'Faks', 'Potret', 'Potret %s', '%s, hingga %s', 'Telepon', 'Email', 'Situs web', 'Alamat', 'Gambar', 'Logo', 'Spanduk', 'Film'],
    'it' => ['Ufficio', 'Cellulare', 'Diretto', 'Fax', 'Ritratto', 'Ritratto di %s', '%s, fino al %s', 'Telefono', 'E-mail', 'Sito web', 'Indirizzo', 'Immagine', 'Logo', 'Banner', 'Film'],
    'ja' => ['会社', '携帯', '直通', 'FAX', '写真', '%sの写真', '%s、%sまで', '電話', 'メール', 'ウェブ', '住所', '画像', 'ロゴ', 'バナー', '動画'],
    'ko' => ['사무실', '휴대전화', '직통', '팩스', '사진', '%s 사진', '%s, %s까지', '전화', '이메일', '웹사이트', '주소', '그림', '로고', '배너', '영상'],
    'lt' => ['Biuras', 'Mobilusis', 'Tiesioginis', 'Faksas', 'Portretas', '%s, portretas', '%s, iki %s', 'Telefonas', 'El. paštas', 'Svetainė', 'Adresas', 'Paveikslėlis', 'Logotipas', 'Reklamjuostė', 'Filmas'],
    'lv' => ['Birojs', 'Mobilais', 'Tiešais', 'Fakss', 'Portrets', '%s, portrets', '%s, līdz %s', 'Tālrunis', 'E-pasts', 'Vietne', 'Adrese', 'Attēls', 'Logotips', 'Reklāmkarogs', 'Filma'],
    'nb' => ['Kontor', 'Mobil', 'Direkte', 'Faks', 'Portrett', 'Portrett av %s', '%s, til og med %s', 'Telefon', 'E-post', 'Nettsted', 'Adresse', 'Bilde', 'Logo', 'Banner', 'Film'],
    'nl' => ['Kantoor', 'Mobiel', 'Direct', 'Fax', 'Portret', 'Portret van %s', '%s, t/m %s', 'Telefoon', 'E-mail', 'Website', 'Adres', 'Afbeelding', 'Logo', 'Banner', 'Film'],
    'pl' => ['Biuro', 'Komórka', 'Bezpośredni', 'Faks', 'Portret', 'Portret: %s', '%s, do %s', 'Telefon', 'E-mail', 'Strona', 'Adres', 'Obraz', 'Logo', 'Baner', 'Film'],
    'pt' => ['Escritório', 'Telemóvel', 'Direto', 'Fax', 'Retrato', 'Retrato de %s', '%s, até %s', 'Telefone', 'E-mail', 'Site', 'Endereço', 'Imagem', 'Logótipo', 'Banner', 'Filme'],
    'pt-BR' => ['Escritório', 'Celular', 'Direto', 'Fax', 'Retrato', 'Retrato de %s', '%s, até %s', 'Telefone', 'E-mail', 'Site', 'Endereço', 'Imagem', 'Logotipo', 'Banner', 'Filme'],
    'ro' => ['Birou', 'Mobil', 'Direct', 'Fax', 'Portret', 'Portretul %s', '%s, până la %s', 'Telefon', 'E-mail', 'Site', 'Adresă', 'Imagine', 'Siglă', 'Banner', 'Film'],
    'ru' => ['Офис', 'Мобильный', 'Прямой', 'Факс', 'Портрет', 'Портрет: %s', '%s, до %s', 'Телефон', 'Эл. почта', 'Сайт', 'Адрес', 'Изображение', 'Логотип', 'Баннер', 'Фильм'],
    'sk' => ['Kancelária', 'Mobil', 'Priama linka', 'Fax', 'Portrét', 'Portrét: %s', '%s, do %s', 'Telefón', 'E-mail', 'Web', 'Adresa', 'Obrázok', 'Logo', 'Banner', 'Film'],
    'sl' => ['Pisarna', 'Mobilni', 'Neposredno', 'Faks', 'Portret', 'Portret: %s', '%s, do %s', 'Telefon', 'E-pošta', 'Splet', 'Naslov', 'Slika', 'Logotip', 'Pasica', 'Film'],
    'sr' => ['Канцеларија', 'Мобилни', 'Директно', 'Факс', 'Портрет', 'Портрет: %s', '%s, до %s', 'Телефон', 'Е-пошта', 'Веб', 'Адреса', 'Слика', 'Лого', 'Банер', 'Филм'],
    'sv' => ['Kontor', 'Mobil', 'Direkt', 'Fax', 'Porträtt', 'Porträtt av %s', '%s, till och med %s', 'Telefon', 'E-post', 'Webb', 'Adress', 'Bild', 'Logotyp', 'Banner', 'Film'],
    'th' => ['สำนักงาน', 'มือถือ', 'สายตรง', 'แฟกซ์', 'ภาพบุคคล', 'ภาพของ %s', '%s ถึง %s', 'โทรศัพท์', 'อีเมล', 'เว็บไซต์', 'ที่อยู่', 'รูปภาพ', 'โลโก้', 'แบนเนอร์', 'ภาพยนตร์'],
    'tr' => ['Ofis', 'Cep', 'Doğrudan', 'Faks', 'Portre', '%s portresi', '%s, %s tarihine kadar', 'Telefon', 'E-posta', 'Web', 'Adres', 'Resim', 'Logo', 'Afiş', 'Film'],
    'uk' => ['Офіс', 'Мобільний', 'Прямий', 'Факс', 'Портрет', 'Портрет: %s', '%s, до %s', 'Телефон', 'Ел. пошта', 'Сайт', 'Адреса', 'Зображення', 'Логотип', 'Банер', 'Фільм'],
    'ur' => ['دفتر', 'موبائل', 'براہ راست', 'فیکس', 'تصویر', '%s کی تصویر', '%s، %s تک', 'فون', 'ای میل', 'ویب سائٹ', 'پتہ', 'تصویر', 'لوگو', 'بینر', 'فلم'],
    'vi' => ['Văn phòng', 'Di động', 'Trực tiếp', 'Fax', 'Chân dung', 'Chân dung %s', '%s, đến %s', 'Điện thoại', 'Email', 'Trang web', 'Địa chỉ', 'Hình ảnh', 'Biểu trưng', 'Biểu ngữ', 'Phim'],
    'zh' => ['办公室', '手机', '直线', '传真', '照片', '%s的照片', '%s，至%s', '电话', '电子邮件', '网站', '地址', '图片', '标志', '横幅', '影片'],
    'zh-Hant' => ['辦公室', '手機', '專線', '傳真', '照片', '%s的照片', '%s，至%s', '電話', '電子郵件', '網站', '地址', '圖片', '標誌', '橫幅', '影片'],
]);
