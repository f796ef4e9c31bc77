<?php

/*
 * Days people promote for: label, rule (see DayRule), countries where it is usual (none: everywhere), days before it a
 * banner usually begins, days it lasts, where the rule is from. Laws and customs of the countries named; days of other
 * calendars as ICU computes them (Unicode CLDR), which for Muslim months is the calendar of Umm al-Qura: what the moon
 * shows may be a day off. Diwali is by a calendar ICU has not, and is left to the firm's own days.
 */
$law = 'a holiday by law';
$use = 'kept by custom';
$icu = 'by its own calendar, computed with ICU';
$church = 'by the church calendar';

return [
    'new-year' => ['New Year', '01-01', [], 10, 1, $law],
    'epiphany' => ['Epiphany', '01-06', ['AT', 'DE', 'ES', 'FI', 'GR', 'HR', 'IT', 'PL', 'SE', 'SK'], 7, 1, $law],
    'lunar-new-year' => ['Lunar New Year', 'chinese 1-1', [], 14, 15, $icu],
    'valentine' => ['Valentine\'s Day', '02-14', [], 14, 1, $use],
    'carnival' => ['Carnival', 'easter-48', ['AT', 'BE', 'BR', 'CH', 'DE', 'FR', 'IT', 'NL', 'PT'], 10, 2, $church],
    'st-david' => ['St David\'s Day', '03-01', ['GB'], 7, 1, $use],
    'women' => ['International Women\'s Day', '03-08', [], 7, 1, 'a day of the United Nations'],
    'mothering-sunday' => ['Mothering Sunday', 'easter-21', ['GB', 'IE'], 21, 1, $church],
    'st-patrick' => ['St Patrick\'s Day', '03-17', ['GB', 'IE', 'US', 'CA', 'AU'], 10, 1, $use],
    'nowruz' => ['Nowruz', 'persian 1-1', ['AF', 'AZ', 'IR', 'KZ', 'TJ', 'UZ'], 14, 13, $icu],
    'water' => ['World Water Day', '03-22', [], 7, 1, 'a day of the United Nations'],
    'easter' => ['Easter', 'easter+0', [], 21, 2, $church],
    'orthodox-easter' => ['Orthodox Easter', 'orthodox+0', ['BG', 'CY', 'GE', 'GR', 'MK', 'MD', 'RO', 'RS', 'UA'], 21,
        2, $church],
    'earth' => ['Earth Day', '04-22', [], 10, 1, $use],
    'st-george' => ['St George\'s Day', '04-23', ['GB'], 7, 1, $use],
    'kings-day' => ['King\'s Day', '04-27', ['NL'], 10, 1, $law],
    'labour' => ['Labour Day', '05-01', ['AT', 'BE', 'DE', 'ES', 'FR', 'GR', 'IT', 'PL', 'PT', 'SE'], 7, 1, $law],
    'early-may' => ['Early May bank holiday', '5/1/1', ['GB', 'IE'], 7, 1, $law],
    'mothers' => ['Mother\'s Day', '5/0/2', ['AT', 'AU', 'BE', 'BR', 'CA', 'CH', 'DE', 'DK', 'FI', 'IT', 'JP', 'NL',
        'NZ', 'US', 'ZA'], 21, 1, $use],
    'spring-holiday' => ['Spring bank holiday', '5/1/-1', ['GB'], 7, 1, $law],
    'memorial' => ['Memorial Day', '5/1/-1', ['US'], 7, 1, $law],
    'ascension' => ['Ascension Day', 'easter+39', ['AT', 'BE', 'CH', 'DE', 'DK', 'FI', 'FR', 'NL', 'NO', 'SE'], 7, 1,
        $church],
    'pentecost' => ['Whitsun', 'easter+49', ['AT', 'BE', 'CH', 'DE', 'DK', 'FR', 'NL', 'NO'], 10, 2, $church],
    'environment' => ['World Environment Day', '06-05', [], 10, 1, 'a day of the United Nations'],
    'fathers' => ['Father\'s Day', '6/0/3', ['CA', 'FR', 'GB', 'IE', 'IN', 'JP', 'NL', 'US', 'ZA'], 21, 1, $use],
    'midsummer' => ['Midsummer', '06-24', ['DK', 'FI', 'NO', 'SE'], 10, 1, $use],
    'canada' => ['Canada Day', '07-01', ['CA'], 7, 1, $law],
    'independence' => ['Independence Day', '07-04', ['US'], 7, 1, $law],
    'bastille' => ['Bastille Day', '07-14', ['FR'], 7, 1, $law],
    'summer-holiday' => ['Summer bank holiday', '8/1/-1', ['GB'], 7, 1, $law],
    'back-to-school' => ['Back to school', '09-01', [], 21, 14, $use],
    'us-labor' => ['Labor Day', '9/1/1', ['CA', 'US'], 7, 1, $law],
    'rosh-hashanah' => ['Rosh Hashanah', 'hebrew 1-1', ['IL'], 14, 2, $icu],
    'mid-autumn' => ['Mid-Autumn Festival', 'chinese 8-15', ['CN', 'HK', 'KR', 'SG', 'TW', 'VN'], 14, 1, $icu],
    'german-unity' => ['German Unity Day', '10-03', ['DE'], 7, 1, $law],
    'thanksgiving-ca' => ['Thanksgiving', '10/1/2', ['CA'], 14, 1, $law],
    'halloween' => ['Halloween', '10-31', [], 21, 1, $use],
    'all-saints' => ['All Saints', '11-01', ['AT', 'BE', 'ES', 'FR', 'IT', 'PL', 'PT'], 7, 1, $law],
    'bonfire' => ['Bonfire Night', '11-05', ['GB'], 10, 1, $use],
    'remembrance' => ['Remembrance Day', '11-11', ['AU', 'CA', 'GB', 'NZ'], 7, 1, $use],
    'singles' => ['Singles\' Day', '11-11', ['CN', 'HK', 'SG', 'TW'], 10, 1, $use],
    'thanksgiving-us' => ['Thanksgiving', '11/4/4', ['US'], 14, 1, $law],
    'black-friday' => ['Black Friday', '11/4/4+1', [], 14, 4, $use],
    'small-business' => ['Small Business Saturday', '12/6/1', ['GB'], 10, 1, $use],
    'advent' => ['First Sunday of Advent', '11-27>0', ['AT', 'CH', 'DE', 'NL'], 7, 24, $church],
    'st-nicholas' => ['St Nicholas', '12-06', ['AT', 'BE', 'CH', 'DE', 'NL', 'PL'], 10, 1, $use],
    'hanukkah' => ['Hanukkah', 'hebrew 3-25', [], 14, 8, $icu],
    'christmas' => ['Christmas', '12-25', [], 24, 2, $law],
    'new-years-eve' => ['New Year\'s Eve', '12-31', [], 7, 1, $use],
    'ramadan' => ['Ramadan', 'islamic-umalqura 9-1', [], 10, 29, $icu],
    'eid-al-fitr' => ['Eid al-Fitr', 'islamic-umalqura 10-1', [], 10, 3, $icu],
    'eid-al-adha' => ['Eid al-Adha', 'islamic-umalqura 12-10', [], 10, 4, $icu],
];
