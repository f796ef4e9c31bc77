<?php

/**
 * What the law asks of commercial mail to people of a country: part => where that is written. Written down on
 * 2026-11-28 and not held against the texts since; no advice on law. A part is a key of Footer, `sender` for the name
 * on the card, or `phone` for a way to reach the sender at once.
 */

return [
    'AT' => ['Austria', [
        'firm' => 'ECG § 5 (1) 1, 2', 'registration' => 'ECG § 5 (1) 4; UGB § 14', 'phone' => 'ECG § 5 (1) 3',
        'unsubscribe' => 'TKG 2021 § 174 (4), (5)',
    ]],
    'AU' => ['Australia', [
        'sender' => 'Spam Act 2003 s. 17', 'firm' => 'Spam Act 2003 s. 17 (1) (b)',
        'unsubscribe' => 'Spam Act 2003 s. 18',
    ]],
    'BE' => ['Belgium', [
        'firm' => 'Code de droit économique XII.6', 'registration' => 'Code de droit économique XII.6, III.25',
        'unsubscribe' => 'Code de droit économique XII.13',
    ]],
    'CA' => ['Canada', [
        'sender' => 'CASL s. 6 (2) (a)', 'firm' => 'SOR/2012-36 s. 2 (1) (d)', 'phone' => 'SOR/2012-36 s. 2 (1) (d)',
        'unsubscribe' => 'CASL s. 6 (2) (c), 11',
    ]],
    'CH' => ['Switzerland', [
        'sender' => 'UWG Art. 3 (1) o', 'unsubscribe' => 'UWG Art. 3 (1) o', 'firm' => 'UWG Art. 3 (1) s',
    ]],
    'DE' => ['Germany', [
        'firm' => 'DDG § 5 (1) 1', 'registration' => 'DDG § 5 (1) 4; HGB § 37a', 'phone' => 'DDG § 5 (1) 2',
        'unsubscribe' => 'UWG § 7 (2) 4, (3) 4',
    ]],
    'DK' => ['Denmark', [
        'firm' => 'E-handelsloven § 7', 'unsubscribe' => 'Markedsføringsloven § 10 (3), (4)',
    ]],
    'ES' => ['Spain', [
        'sender' => 'LSSI art. 20', 'firm' => 'LSSI art. 10', 'unsubscribe' => 'LSSI art. 21 (2), 22 (1)',
    ]],
    'FR' => ['France', [
        'sender' => 'LCEN art. 20', 'firm' => 'LCEN art. 19', 'unsubscribe' => 'CPCE art. L34-5',
    ]],
    'GB' => ['United Kingdom', [
        'sender' => 'PECR 2003 reg. 23 (a)', 'firm' => 'SI 2002/2013 reg. 6; Companies Act 2006 s. 82',
        'registration' => 'SI 2015/17 reg. 25', 'unsubscribe' => 'PECR 2003 reg. 22 (3) (c), 23 (b)',
    ]],
    'IE' => ['Ireland', [
        'sender' => 'SI 336/2011 reg. 13 (12)', 'firm' => 'SI 68/2003 reg. 7',
        'registration' => 'Companies Act 2014 s. 151', 'unsubscribe' => 'SI 336/2011 reg. 13 (11), (12)',
    ]],
    'IT' => ['Italy', [
        'firm' => 'D.lgs. 70/2003 art. 7', 'registration' => 'Codice civile art. 2250',
        'unsubscribe' => 'D.lgs. 196/2003 art. 130',
    ]],
    'JP' => ['Japan', [
        'sender' => 'Act No. 26 of 2002 art. 4', 'firm' => 'Act No. 26 of 2002 art. 4; Ordinance art. 9',
        'unsubscribe' => 'Act No. 26 of 2002 art. 3 (3), 4',
    ]],
    'NL' => ['Netherlands', [
        'firm' => 'BW art. 3:15d', 'registration' => 'Handelsregisterwet 2007 art. 27',
        'unsubscribe' => 'Telecommunicatiewet art. 11.7 (4)',
    ]],
    'NZ' => ['New Zealand', [
        'sender' => 'UEM Act 2007 s. 10', 'firm' => 'UEM Act 2007 s. 10', 'unsubscribe' => 'UEM Act 2007 s. 11',
    ]],
    'PL' => ['Poland', [
        'firm' => 'UŚUDE art. 5 (2)', 'registration' => 'KSH art. 206, 374',
        'unsubscribe' => 'Prawo komunikacji elektronicznej art. 398',
    ]],
    'SE' => ['Sweden', [
        'firm' => 'Lag 2002:562 § 8', 'unsubscribe' => 'Marknadsföringslagen § 19, 20',
    ]],
    'US' => ['United States', [
        'sender' => '15 U.S.C. 7704 (a) (1)', 'firm' => '15 U.S.C. 7704 (a) (5) (A) (iii)',
        'unsubscribe' => '15 U.S.C. 7704 (a) (3), (5) (A) (ii)',
    ]],
];
