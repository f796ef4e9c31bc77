<?php

/*
 * How programs begin what is quoted or passed on, by language: what they call it, the name of the line that says who it
 * came from, and the words around who wrote it (`*` stands for the date and the name).
 */
return [
    'en' => [['original message', 'forwarded message', 'begin forwarded message'], 'from', ['on * wrote']],
    'de' => [
        ['ursprüngliche nachricht', 'originalnachricht', 'weitergeleitete nachricht', 'anfang der weitergeleiteten nachricht'],
        'von', ['am * schrieb', 'am * schrieb *'],
    ],
    'fr' => [
        ['message d’origine', 'message d\'origine', 'message original', 'message transféré', 'message réexpédié',
            'début du message réexpédié', 'début du message transféré'],
        'de', ['le * a écrit'],
    ],
    'es' => [
        ['mensaje original', 'mensaje reenviado', 'forwarded message', 'inicio del mensaje reenviado'],
        'de', ['el * escribió'],
    ],
    'pt' => [
        ['mensagem original', 'mensagem encaminhada', 'mensagem reencaminhada', 'início da mensagem reencaminhada'],
        'de', ['em * escreveu', 'no dia * escreveu'],
    ],
    'it' => [
        ['messaggio originale', 'messaggio inoltrato', 'inizio messaggio inoltrato'], 'da', ['il * ha scritto'],
    ],
    'nl' => [
        ['oorspronkelijk bericht', 'doorgestuurd bericht', 'origineel bericht', 'begin doorgestuurd bericht'],
        'van', ['op * schreef', 'op * schreef *', 'op * heeft * geschreven'],
    ],
    'pl' => [
        ['wiadomość oryginalna', 'oryginalna wiadomość', 'wiadomość przekazana', 'przekazana wiadomość',
            'początek przekazywanej wiadomości'],
        'od', ['w dniu * napisał', 'w dniu * napisała', 'w dniu * napisał(a)', '* pisze', '* napisał(a)'],
    ],
    'sv' => [
        ['ursprungligt meddelande', 'vidarebefordrat meddelande', 'vidarebefordrat brev'], 'från',
        ['den * skrev', 'den * skrev *'],
    ],
    'da' => [
        ['oprindelig meddelelse', 'oprindelig besked', 'videresendt meddelelse', 'videresendt besked'], 'fra',
        ['den * skrev', 'den * skrev *'],
    ],
    'nb' => [
        ['opprinnelig melding', 'videresendt melding', 'begynnelse på videresendt melding'], 'fra',
        ['den * skrev', 'den * skrev *', '* skrev *'],
    ],
    'fi' => [
        ['alkuperäinen viesti', 'välitetty viesti', 'edelleenlähetetty viesti'], 'lähettäjä', ['* kirjoitti'],
    ],
    'cs' => [['původní zpráva', 'přeposlaná zpráva'], 'od', ['dne * napsal', 'dne * napsal(a)', '* napsal(a)']],
    'hu' => [['eredeti üzenet', 'továbbított üzenet'], 'feladó', ['* ezt írta', '* írta']],
    'ro' => [['mesaj original', 'mesaj redirecționat'], 'de la', ['* a scris']],
    'tr' => [['özgün ileti', 'orijinal mesaj', 'iletilmiş mesaj'], 'kimden', ['* şunu yazdı', '* şunları yazdı']],
    'ru' => [['исходное сообщение', 'пересылаемое сообщение', 'пересланное сообщение'], 'от', ['* пишет', '* писал', '* написал']],
    'uk' => [['оригінальне повідомлення', 'переслане повідомлення'], 'від', ['* пише', '* написав']],
    'ja' => [
        ['元のメッセージ', 'オリジナルメッセージ', '転送されたメッセージ', '転送メッセージ', '転送されたメール'], '差出人',
        ['*のメール', '*は書きました', '*が書きました', '*のメッセージ'],
    ],
    'ko' => [['원본 메시지', '전달된 메시지', '원본 메일'], '보낸 사람', ['*님이 작성', '*작성한 메시지', '*썼습니다']],
    'zh' => [['原始邮件', '原始郵件', '转发的邮件', '轉寄郵件', '转发邮件'], '发件人', ['*写道', '*寫道', '*写到']],
    'ar' => [['الرسالة الأصلية', 'الرسالة المعاد توجيهها', 'رسالة معاد توجيهها'], 'من', ['* كتب', '*، كتب']],
    'he' => [['הודעה מקורית', 'הודעה שהועברה'], 'מאת', ['* כתב', '* כתבה', 'ב-* מאת']],
];
