<?php

// What letters close with where it is the whole line.

return [
    'en' => ['best', 'thanks', 'thank you', 'best,', 'yours', 'many thanks', 'all the best', 'cheers', 'rgds'],
    'de' => ['gruß', 'lg', 'ihr', 'ihre', 'euer', 'eure', 'beste', 'vg', 'gruss', 'danke', 'bis bald'],
    'fr' => ['merci', 'bonne fin de journée', 'cordial'],
    'es' => ['gracias', 'besos'],
    'pt' => ['obrigado', 'obrigada', 'abraço', 'grato', 'grata', 'atte'],
    'it' => ['grazie', 'ciao'],
    'nl' => ['groet', 'groetjes', 'bedankt'],
    'pl' => ['dziękuję', 'dzięki'],
    'cs' => ['díky'],
    'sv' => ['tack', 'hälsning', 'vh', 'hej då'],
    'da' => ['tak', 'kh', 'vh'],
    'nb' => ['takk', 'mvh'],
    'fi' => ['kiitos', 'terv', 'yt'],
    'hu' => ['köszönöm'],
    'ro' => ['stimă'],
    'el' => ['χαιρετισμοί'],
    'ru' => ['спасибо', 'уважением'],
    'uk' => ['щиро'],
    'tr' => ['saygılar', 'sağ olun'],
    'ar' => ['شكرا', 'شكراً', 'تحية'],
    'he' => ['תודה', 'שלך'],
    'ja' => ['以上'],
    'ko' => ['드림', '올림', '배상'],
    'zh' => ['此致敬礼', '谢谢'],
];
