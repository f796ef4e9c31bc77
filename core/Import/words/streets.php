<?php

// Words of postal addresses. A star stands for any letters.

return [
    'en' => ['street', 'st', 'road', 'rd', 'lane', 'ln', 'avenue', 'ave', 'square', 'way', 'drive', 'floor', 'suite', 'po box', 'p.o. box', 'po. box', 'p.o box', 'close', 'court', 'crescent', 'terrace', 'gardens', 'hill', 'grove', 'mews', 'parade', 'quay', 'wharf', 'row', 'boulevard', 'blvd', 'highway', 'hwy', 'parkway', 'pkwy', 'plaza', 'unit', 'building', 'house', 'park', 'estate', 'yard', 'pl', 'ct', 'dr', 'cres', 'sq', 'apt', 'level', 'dr.', 'business park', 'industrial estate', 'county'],
    'de' => ['straße', 'str', 'platz', 'weg', '*straße', '*strasse', '*str', '*platz', '*weg', '*gasse', '*allee', '*ring', '*damm', '*ufer', '*chaussee', '*markt', '*wall', '*steig', '*graben', 'postfach', '*gürtel', '*promenade', '*stieg'],
    'fr' => ['rue', 'avenue', 'av', 'boulevard', 'bd', 'place', 'chemin', 'allée', 'allées', 'quai', 'impasse', 'route', 'cours', 'square', 'cedex', 'bp', 'b.p', 'boîte postale', 'faubourg', 'fg', 'passage', 'ruelle', 'esplanade', 'zone artisanale', 'za', 'zi', 'parc d\'activités'],
    'es' => ['calle', 'c/', 'cl', 'avenida', 'avda', 'avd', 'av', 'plaza', 'pza', 'plza', 'paseo', 'pº', 'camino', 'carretera', 'ctra', 'ronda', 'travesía', 'polígono', 'pol. ind', 'apartado', 'apdo', 'callejón', 'rambla', 'urb', 'glorieta', 'colonia', 'cuesta'],
    'pt' => ['rua', 'r', 'avenida', 'av', 'praça', 'pç', 'largo', 'travessa', 'tv', 'estrada', 'alameda', 'calçada', 'rodovia', 'apartado', 'caixa postal', 'bairro', 'urbanização', 'beco', 'quinta'],
    'it' => ['via', 'viale', 'v.le', 'piazza', 'p.zza', 'corso', 'c.so', 'largo', 'vicolo', 'strada', 'piazzale', 'p.le', 'lungo*', 'casella postale', 'località', 'loc', 'contrada', 'c.da', 'borgo', 'salita', 'galleria'],
    'nl' => ['*straat', '*weg', '*laan', '*plein', '*gracht', '*kade', '*singel', '*dijk', '*dreef', '*steeg', '*markt', '*pad', '*hof', 'postbus', '*lei', '*baan', '*park', '*haven', '*burgwal'],
    'pl' => ['ul', 'ulica', 'al', 'aleja', 'aleje', 'plac', 'os', 'osiedle', 'rynek', 'skr. poczt', 'skrytka pocztowa', 'lok'],
    'cs' => ['ulice', 'ul', 'náměstí', 'nám', 'třída', 'tř', 'nábřeží', 'nábř', 'p. o. box', 'psč', 'sady'],
    'sk' => ['ulica', 'námestie', 'trieda', 'nábrežie', 'cesta'],
    'sv' => ['*gatan', '*vägen', '*torget', '*torg', '*gränd', '*stigen', '*backen', '*allén', '*plan', '*gata', '*väg', 'box'],
    'da' => ['*gade', '*vej', '*allé', '*plads', '*torv', '*stræde', '*gaden', '*vejen', '*vænge', '*boulevard', 'postboks', '*kaj', '*bakken', '*parken'],
    'nb' => ['*gata', '*veien', '*vegen', '*plass', '*gate', '*vei', '*veg', '*torget', '*brygge', '*bakken', '*svingen', '*alléen', '*allé', '*kaia'],
    'fi' => ['*katu', '*tie', '*kuja', '*polku', '*aukio', '*tori', '*ranta', '*kaari', '*väylä', '*raitti', '*kj', '*bulevardi', '*esplanadi'],
    'hu' => ['utca', 'u', 'út', 'útja', 'tér', 'körút', 'krt', 'köz', 'sétány', 'rakpart', 'sor', 'fasor', 'hrsz', 'tere', 'utcája'],
    'ro' => ['strada', 'str', 'bulevardul', 'bd', 'b-dul', 'aleea', 'calea', 'piața', 'șoseaua', 'șos', 'sos', 'splaiul', 'intrarea', 'cod poștal'],
    'hr' => ['ulica', 'trg', 'cesta', 'put', 'šetalište'],
    'el' => ['οδός', 'οδ', 'λεωφόρος', 'λεωφ', 'λ', 'πλατεία', 'πλ', 'τ.κ', 'τκ'],
    'ru' => ['улица', 'ул', 'проспект', 'пр-т', 'просп', 'пр', 'площадь', 'пл', 'переулок', 'пер', 'набережная', 'наб', 'шоссе', 'бульвар', 'б-р', 'д', 'дом', 'корп', 'стр', 'этаж', 'проезд', 'тупик'],
    'uk' => ['вулиця', 'вул', 'проспект', 'просп', 'площа', 'пл', 'провулок', 'пров', 'бульвар', 'бул', 'набережна', 'буд', 'шосе'],
    'tr' => ['sokak', 'sokağı', 'sok', 'sk', 'caddesi', 'cadde', 'cad', 'cd', 'bulvarı', 'bulv', 'blv', 'mahallesi', 'mah', 'mh', 'meydanı', 'apt', 'yolu'],
    'ar' => ['شارع', 'طريق', 'حي', 'ميدان', 'بناية', 'مبنى', 'برج', 'ص.ب', 'ص. ب', 'صندوق بريد', 'منطقة', 'طابق', 'الطابق', 'ساحة', 'جادة', 'كورنيش', 'عمارة'],
    'he' => ['רחוב', 'רח\'', 'רח׳', 'שדרות', 'שד\'', 'שד׳', 'כיכר', 'דרך', 'סמטת', 'ת.ד', 'ת״ד', 'ת"ד', 'קומה'],
    'ja' => ['*丁目*', '*番地*', '*都*区*', '*府*市*', '*県*市*', '*市*区*', '*町*番*', '*ビル*', '*県*郡*', '*道*市*'],
    'ko' => ['*대로', '*로', '*길', '*동', '*번길', '*구', '*층', '우', '우편번호'],
    'zh' => ['*路*号*', '*街*号*', '*区*路*', '*市*区*', '*省*市*', '*大道*', '*路*號*', '*街*號*', '*巷*號*', '*市*路*', '*大厦*', '*大楼*', '邮编*'],
];
