<?php

// Headings of lists of staff beyond those of any table (columns.php), by what stands under them: one a row.

return [
    'en' => [
        'title' => [
            'academictitle',
            'honorific',
            'nametitle',
            'prefix',
        ],
        'credentials' => [
            'credentials',
            'qualifications',
            'postnominals',
            'degree',
            'degrees',
            'suffix',
        ],
        'languages' => [
            'languages',
            'spokenlanguages',
            'speaks',
        ],
        'groups' => [
            'group',
            'groups',
            'unit',
            'branch',
            'office',
            'location',
            'site',
            'area',
            'region',
            'store',
            'team',
            'memberof',
        ],
        'first_day' => [
            'firstday',
            'startdate',
            'start',
            'starts',
            'joined',
            'hiredate',
            'hired',
            'dateofjoining',
            'employedsince',
            'from',
        ],
        'last_day' => [
            'lastday',
            'enddate',
            'end',
            'ends',
            'leavingdate',
            'until',
            'terminationdate',
        ],
        'external' => [
            'id',
            'personid',
            'employeeid',
            'employeenumber',
            'staffid',
            'staffnumber',
            'uid',
            'userid',
            'externalid',
            'objectid',
            'payrollnumber',
        ],
        'first' => [
            'givenname',
            'forename',
            'gn',
        ],
        'last' => [
            'sn',
            'lastname',
        ],
        'name' => [
            'displayname',
            'cn',
            'commonname',
            'person',
            'employee',
            'staffmember',
            'staff',
        ],
        'address' => [
            'userprincipalname',
            'workemail',
            'workmail',
            'sendsfrom',
            'mailbox',
            'email1',
            'email2',
            'email3',
            'emailwork',
        ],
        'mobile' => [
            'mobiletelephonenumber',
            'mobilework',
            'telcell',
        ],
        'fax' => [
            'facsimiletelephonenumber',
            'faxnumber',
        ],
        'office' => [
            'officenumber',
            'businessphone',
            'telephonenumber',
            'telwork',
            'switchboard',
        ],
        'direct' => [
            'directnumber',
            'extensionnumber',
        ],
        'profiles' => [
            'profiles',
            'profilelinks',
            'links',
            'linkedinprofile',
            'socialprofile',
        ],
    ],
    'de' => [
        'title' => [
            'akademischertitel',
        ],
        'credentials' => [
            'abschluss',
        ],
        'languages' => [
            'sprachen',
        ],
        'groups' => [
            'gruppe',
            'gruppen',
            'standort',
            'team',
        ],
        'first_day' => [
            'eintritt',
            'eintrittsdatum',
            'beginn',
            'erstertag',
        ],
        'last_day' => [
            'austritt',
            'austrittsdatum',
            'ende',
        ],
        'external' => [
            'personalnummer',
            'mitarbeiternummer',
        ],
    ],
    'fr' => [
        'credentials' => [
            'diplômes',
        ],
        'languages' => [
            'langues',
        ],
        'groups' => [
            'groupe',
            'site',
            'agence',
        ],
        'first_day' => [
            'datedentrée',
            'entrée',
            'début',
        ],
        'last_day' => [
            'datedesortie',
            'fin',
        ],
        'external' => [
            'matricule',
        ],
    ],
    'es' => [
        'languages' => [
            'idiomas',
        ],
        'groups' => [
            'grupo',
            'sede',
        ],
        'first_day' => [
            'fechadealta',
            'alta',
        ],
        'last_day' => [
            'fechadebaja',
            'baja',
        ],
    ],
    'it' => [
        'languages' => [
            'lingue',
        ],
        'groups' => [
            'gruppo',
            'sede',
        ],
        'first_day' => [
            'datadiassunzione',
        ],
        'last_day' => [
            'datadicessazione',
        ],
        'external' => [
            'matricola',
        ],
    ],
    'nl' => [
        'languages' => [
            'talen',
        ],
        'groups' => [
            'groep',
            'vestiging',
        ],
        'first_day' => [
            'indienst',
            'startdatum',
        ],
        'last_day' => [
            'uitdienst',
            'einddatum',
        ],
        'external' => [
            'personeelsnummer',
        ],
    ],
];
