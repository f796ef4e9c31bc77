<?php

// Words of parts of a firm. A star stands for any letters.

return [
    'en' => ['department', 'dept', 'division', 'faculty', 'institute', 'school', 'team', 'unit', 'section', 'desk', 'directorate', 'programme'],
    'de' => ['abteilung', 'referat', 'fakultät', 'institut', '*abteilung', 'fachbereich', 'dezernat', '*team', 'lehrstuhl', '*referat', 'stabsstelle'],
    'fr' => ['service', 'département', 'direction', 'faculté', 'pôle', 'équipe', 'unité'],
    'es' => ['departamento', 'área', 'facultad', 'sección', 'equipo', 'unidad', 'servicio'],
    'pt' => ['departamento', 'área', 'faculdade', 'secção', 'setor', 'equipa', 'equipe', 'unidade'],
    'it' => ['dipartimento', 'ufficio', 'facoltà', 'reparto', 'divisione', 'settore', 'area', 'unità'],
    'nl' => ['afdeling', 'faculteit', 'sectie', 'vakgroep'],
    'pl' => ['dział', 'wydział', 'departament', 'katedra', 'zespół', 'oddział'],
    'cs' => ['oddělení', 'odbor', 'fakulta', 'katedra', 'útvar'],
    'sk' => ['oddelenie', 'útvar'],
    'sv' => ['avdelning*', '*avdelningen', 'enhet*', 'fakultet*', 'sektion*', 'institutionen'],
    'da' => ['afdeling*', '*afdelingen', '*afdeling', 'fakultet*', 'sektion*'],
    'nb' => ['avdeling*', '*avdelingen', 'seksjon*', 'fakultet*'],
    'fi' => ['*osasto', 'yksikkö', 'tiedekunta', 'laitos', '*tiimi'],
    'hu' => ['*osztály', 'tanszék', 'részleg'],
    'ro' => ['departament*', 'secția', 'facultatea', 'compartiment*'],
    'el' => ['τμήμα', 'διεύθυνση', 'τομέας'],
    'ru' => ['отдел', 'департамент', 'факультет', 'кафедра', 'управление', 'отделение'],
    'uk' => ['відділ', 'кафедра', 'управління', 'відділення'],
    'tr' => ['departmanı', 'bölümü', 'fakültesi', 'birimi', 'müdürlüğü', 'anabilim dalı'],
    'ar' => ['قسم', 'إدارة', 'كلية', 'دائرة', 'وحدة'],
    'he' => ['מחלקת', 'מחלקה', 'אגף', 'פקולטה', 'הפקולטה', 'צוות'],
    'ja' => ['*部', '*課', '*室', '*学部', '*学科', '*本部', '*チーム', '*グループ'],
    'ko' => ['*부', '*과', '*팀', '*학과', '*본부', '*부서'],
    'zh' => ['*部', '*科', '*处', '*系', '*部门', '*中心'],
];
