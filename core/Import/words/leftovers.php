<?php

// What is left of a line when its number or address is taken out, and says nothing alone.

return [
    'en' => ['tel', 'phone', 'mobile', 'mob', 'cell', 'fax', 'email', 'e-mail', 'mail', 'web', 'website', 'office', 'direct', 'and', 'or', 'call', 'home', 'work', 'contact', 'landline', 'phone/fax', 'tel/fax', 'reach me', 'at', 'visit', 'our', 'my'],
    'de' => ['und', 'oder', 'privat', 'dienstlich', 'zentrale'],
    'fr' => ['et', 'ou', 'fixe'],
    'es' => ['y', 'o', 'fijo'],
    'pt' => ['e', 'ou'],
    'it' => ['o', 'ed'],
    'nl' => ['en', 'of'],
    'pl' => ['i', 'lub'],
    'cs' => ['a', 'nebo'],
    'sv' => ['och', 'eller'],
    'da' => ['og', 'eller'],
    'fi' => ['ja', 'tai'],
    'hu' => ['és', 'vagy'],
    'ro' => ['și', 'sau'],
    'el' => ['και', 'ή'],
    'ru' => ['и', 'или', 'номер'],
    'uk' => ['та', 'або'],
    'tr' => ['ve', 'veya'],
    'ar' => ['و', 'أو'],
    'he' => ['או'],
    'ja' => ['番号'],
    'ko' => ['번호'],
    'zh' => ['号码'],
];
