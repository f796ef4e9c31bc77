<?php

// What letters close with: a line begins so. A star stands for any ending.

return [
    'en' => ['regards', 'kind regards', 'kindest regards', 'best regards', 'warm regards', 'warmest regards', 'many regards', 'wishes', 'kind wishes', 'kindest wishes', 'best wishes', 'warm wishes', 'warmest wishes', 'many wishes', 'thanks', 'kind thanks', 'kindest thanks', 'best thanks', 'warm thanks', 'warmest thanks', 'many thanks', 'yours', 'sincerely', 'cheers', 'warmly', 'cordially', 'with love', 'love', 'lots of love', 'all my love', 'fondly'],
    'de' => ['mit freundlichen', 'viele grüße', 'mit freundlich*', 'mit besten', 'mit herzlich*', 'mit lieb*', 'mit sonnig*', 'freundliche grüße', 'freundlichen gruß', 'beste grüße', 'liebe grüße', 'lieben gruß', 'herzliche grüße', 'herzlichen gruß', 'schöne grüße', 'sonnige grüße', 'es grüßt', 'herzlichst', 'hochachtungsvoll', 'vielen dank', 'mfg'],
    'fr' => ['cordialement', 'bien cordialement', 'très cordialement', 'bien à vous', 'salutations', 'sincères salutations', 'meilleures salutations', 'salutations distinguées', 'amicalement', 'amitiés', 'respectueusement', 'bien sincèrement', 'veuillez agréer', 'je vous prie d\'agréer', 'bonne journée', 'bonne réception', 'à bientôt', 'dans l\'attente', 'avec mes remerciements', 'cdlt', 'bàv', 'belle journée'],
    'CH' => ['freundliche grüsse', 'es grüsst'],
    'es' => ['saludos', 'un saludo', 'un cordial saludo', 'saludos cordiales', 'cordiales saludos', 'atentamente', 'cordialmente', 'muchas gracias', 'un abrazo', 'le saluda', 'les saluda', 'afectuosamente', 'reciba un', 'quedo a su disposición', 'muy atentamente'],
    'pt' => ['cumprimentos', 'os melhores cumprimentos', 'melhores cumprimentos', 'com os melhores', 'com os meus', 'com cumprimentos', 'atenciosamente', 'cordialmente', 'atentamente', 'muito obrigad*', 'abraços', 'um abraço', 'saudações', 'respeitosamente', 'cordiais saudações', 'att'],
    'it' => ['cordiali saluti', 'distinti saluti', 'saluti', 'un saluto', 'un cordiale saluto', 'cordialmente', 'i migliori saluti', 'i più cordiali', 'in fede', 'a presto', 'con i migliori', 'grazie mille', 'buona giornata', 'con stima'],
    'nl' => ['met vriendelijk*', 'met hartelijk*', 'met groet', 'met beste', 'vriendelijke groet*', 'hartelijke groet*', 'beste groet*', 'groeten', 'hoogachtend', 'mvg', 'alvast bedankt', 'bij voorbaat dank'],
    'pl' => ['z poważaniem', 'pozdrawiam', 'serdecznie pozdrawiam', 'z wyrazami', 'serdeczne pozdrowienia', 'pozdrowienia', 'łączę pozdrowienia', 'z pozdrowieniami', 'z serdecznymi', 'z góry dziękuję'],
    'cs' => ['s pozdravem', 's přátelským', 's přáním', 'se srdečným', 's úctou', 'přeji hezký', 'přeji pěkný', 'hezký den', 'děkuji', 'zdraví', 'srdečně'],
    'sk' => ['s pozdravom', 's priateľským', 's úctou', 'so srdečným', 'so želaním', 'prajem pekný', 'pekný deň', 'ďakujem'],
    'sv' => ['med vänlig*', 'med bästa', 'med varma', 'vänliga hälsningar', 'vänlig hälsning', 'bästa hälsningar', 'varma hälsningar', 'hälsningar', 'vänligen', 'mvh', 'tack på förhand'],
    'da' => ['med venlig*', 'venlig hilsen', 'venlige hilsner', 'de bedste hilsner', 'bedste hilsner', 'bedste hilsen', 'kærlig hilsen', 'mange hilsner', 'hilsen', 'hilsner', 'mvh', 'på forhånd tak'],
    'nb' => ['med vennlig*', 'med beste', 'vennlig hilsen', 'vennlige hilsener', 'beste hilsen', 'med hilsen', 'på forhånd takk', 'vh'],
    'fi' => ['ystävällisin terveisin', 'terveisin', 'parhain terveisin', 'lämpimin terveisin', 'terveiset', 'kunnioittaen', 'kunnioittavasti', 'ystävällisesti', 'yst. terv', 'kiittäen', 'kiitos etukäteen'],
    'hu' => ['üdvözlettel', 'tisztelettel', 'szívélyes üdvözlettel', 'baráti üdvözlettel', 'köszönettel', 'minden jót', 'szép napot', 'üdv'],
    'ro' => ['cu stimă', 'cu respect', 'cu deosebită', 'cu considerație', 'cu drag', 'toate cele bune', 'o zi bună', 'o zi frumoasă', 'mulțumesc', 'salutări', 'cele mai bune'],
    'hr' => ['s poštovanjem', 'srdačan pozdrav', 'lijep pozdrav', 'pozdrav', 'srdačno'],
    'el' => ['με εκτίμηση', 'φιλικά', 'με φιλικούς', 'με τιμή', 'με σεβασμό', 'χαιρετισμούς', 'θερμούς χαιρετισμούς', 'εγκάρδια', 'ευχαριστώ', 'καλή συνέχεια'],
    'ru' => ['с уважением', 'с наилучшими', 'с благодарностью', 'с почтением', 'всего доброго', 'всего хорошего', 'искренне ваш*', 'заранее спасибо', 'хорошего дня'],
    'uk' => ['з повагою', 'з найкращими', 'з вдячністю', 'з подякою', 'щиро ваш*', 'на все добре', 'всього найкращого', 'гарного дня', 'дякую'],
    'tr' => ['saygılarımla', 'saygılarımızla', 'iyi çalışmalar', 'iyi günler', 'en iyi dilekler*', 'selamlar', 'sevgiler', 'sevgilerimle', 'teşekkürler', 'hoşça kalın', 'kolay gelsin'],
    'ar' => ['مع خالص', 'مع أطيب', 'مع التحية', 'مع تحياتي', 'مع تحيات', 'مع الشكر', 'مع جزيل', 'مع الاحترام', 'مع فائق', 'وتفضلوا', 'تفضلوا', 'تحياتي', 'تحية طيبة', 'أطيب التحيات', 'خالص التحيات', 'خالص تحياتي', 'وتقبلوا', 'تقبلوا', 'شكرا لكم', 'شكراً لكم'],
    'he' => ['בברכה', 'בכבוד רב', 'בתודה', 'תודה רבה', 'תודה מראש', 'כל טוב', 'בידידות', 'בברכת', 'המון תודה', 'יום טוב', 'לילה טוב'],
    'ja' => ['敬具', '草々', 'よろしくお願い*', '宜しくお願い*', 'どうぞよろしく*', '何卒よろしく*', '何卒宜しく*', '今後とも*', '以上、*', 'ありがとうございます*', '敬意を込めて*'],
    'ko' => ['감사합니다*', '감사드립니다*', '고맙습니다*', '안녕히 계*', '좋은 하루*', '존경을 담아', '진심을 담아'],
    'zh' => ['此致*', '敬礼', '敬禮', '祝好', '顺祝*', '順祝*', '顺颂*', '順頌*', '谢谢', '謝謝', '致礼', '敬上', '祝商祺', '敬祝*', '祝您*'],
];
