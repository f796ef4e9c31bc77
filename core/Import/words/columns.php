<?php

// Headings of tables by what stands under them, without the signs between their words: one a row.

return [
    'en' => [
        'first' => [
            'firstname',
            'givenname',
        ],
        'last' => [
            'lastname',
            'familyname',
            'surname',
        ],
        'name' => [
            'name',
            'fullname',
        ],
        'pronouns' => [
            'pronouns',
        ],
        'role' => [
            'role',
            'position',
            'title',
            'jobtitle',
        ],
        'department' => [
            'department',
            'team',
        ],
        'company' => [
            'company',
            'firm',
            'organisation',
            'organization',
            'employer',
        ],
        'mobile' => [
            'mobile',
            'mobilephone',
            'mobilenumber',
            'cell',
            'cellphone',
            'cellnumber',
        ],
        'fax' => [
            'fax',
        ],
        'direct' => [
            'direct',
            'directline',
            'directdial',
        ],
        'phone' => [
            'phone',
            'phonenumber',
            'telephone',
            'telephonenumber',
            'workphone',
            'workphonenumber',
            'worktelephone',
            'worktelephonenumber',
            'officephone',
            'officephonenumber',
            'officetelephone',
            'officetelephonenumber',
            'businessphone',
            'businessphonenumber',
            'businesstelephone',
            'businesstelephonenumber',
            'tel',
        ],
        'email' => [
            'email',
            'emailaddress',
            'mail',
            'mailaddress',
        ],
        'url' => [
            'web',
            'weburl',
            'weblink',
            'website',
            'websiteurl',
            'websitelink',
            'url',
            'urlurl',
            'urllink',
            'homepage',
            'homepageurl',
            'homepagelink',
            'linkedin',
            'linkedinurl',
            'linkedinlink',
            'instagram',
            'instagramurl',
            'instagramlink',
            'facebook',
            'facebookurl',
            'facebooklink',
            'youtube',
            'youtubeurl',
            'youtubelink',
            'mastodon',
            'mastodonurl',
            'mastodonlink',
            'profile',
            'profileurl',
            'profilelink',
        ],
        'address' => [
            'address',
            'streetaddress',
            'officeaddress',
            'postaladdress',
        ],
        'tagline' => [
            'tagline',
            'slogan',
        ],
        'licence' => [
            'licence',
            'licencenumber',
            'licenceno',
            'license',
            'licensenumber',
            'licenseno',
        ],
    ],
    'de' => [
        'first' => [
            'vorname',
        ],
        'last' => [
            'familienname',
            'zuname',
            'nachname',
        ],
        'role' => [
            'position',
            'stelle',
            'funktion',
        ],
        'department' => [
            'abteilung',
        ],
        'company' => [
            'firma',
        ],
        'mobile' => [
            'mobil',
            'mobiltelefon',
            'mobilnummer',
            'handy',
            'handyphone',
            'handynumber',
        ],
        'phone' => [
            'telefonnummer',
            'rufnummer',
            'fon',
            'telefon',
        ],
        'address' => [
            'adresse',
        ],
        'name' => [
            'vollername',
        ],
        'email' => [
            'mailadresse',
            'emailadresse',
        ],
        'direct' => [
            'durchwahl',
        ],
        'licence' => [
            'zulassungsnummer',
            'registernummer',
        ],
    ],
    'fr' => [
        'first' => [
            'prénom',
        ],
        'last' => [
            'nom',
            'nomdefamille',
        ],
        'name' => [
            'nomcomplet',
        ],
        'role' => [
            'fonction',
            'poste',
        ],
        'department' => [
            'service',
            'département',
        ],
        'company' => [
            'société',
            'entreprise',
        ],
        'mobile' => [
            'portable',
            'téléphoneportable',
        ],
        'direct' => [
            'lignedirecte',
        ],
        'phone' => [
            'téléphone',
        ],
        'email' => [
            'courriel',
            'adresseélectronique',
        ],
        'address' => [
            'adresse',
            'adressepostale',
        ],
        'licence' => [
            'licence',
            'numéroprofessionnel',
        ],
    ],
    'es' => [
        'first' => [
            'nombre',
            'nombredepila',
        ],
        'last' => [
            'apellido',
            'apellidos',
        ],
        'name' => [
            'nombrecompleto',
        ],
        'role' => [
            'cargo',
            'puesto',
        ],
        'department' => [
            'departamento',
        ],
        'company' => [
            'empresa',
        ],
        'mobile' => [
            'móvil',
            'celular',
        ],
        'direct' => [
            'líneadirecta',
        ],
        'phone' => [
            'teléfono',
        ],
        'email' => [
            'correo',
            'correoelectrónico',
        ],
        'address' => [
            'dirección',
        ],
        'licence' => [
            'númerodecolegiado',
        ],
    ],
    'it' => [
        'first' => [
            'nomeproprio',
        ],
        'last' => [
            'cognome',
        ],
        'name' => [
            'nomeecognome',
            'nominativo',
        ],
        'role' => [
            'ruolo',
            'qualifica',
        ],
        'department' => [
            'reparto',
            'ufficio',
        ],
        'company' => [
            'azienda',
            'ditta',
        ],
        'mobile' => [
            'cellulare',
        ],
        'phone' => [
            'telefono',
        ],
        'email' => [
            'posta',
            'postaelettronica',
        ],
        'address' => [
            'indirizzo',
        ],
    ],
    'nl' => [
        'first' => [
            'voornaam',
        ],
        'last' => [
            'achternaam',
        ],
        'name' => [
            'naam',
            'volledigenaam',
        ],
        'role' => [
            'functie',
        ],
        'department' => [
            'afdeling',
        ],
        'company' => [
            'bedrijf',
        ],
        'mobile' => [
            'mobiel',
            'gsm',
        ],
        'phone' => [
            'telefoon',
        ],
        'email' => [
            'mailadres',
        ],
        'address' => [
            'adres',
        ],
    ],
    'pt' => [
        'first' => [
            'primeironome',
        ],
        'last' => [
            'sobrenome',
            'últimonome',
        ],
        'name' => [
            'nome',
            'nomecompleto',
        ],
        'role' => [
            'função',
        ],
        'department' => [
            'setor',
        ],
        'mobile' => [
            'telemóvel',
        ],
        'phone' => [
            'telefone',
        ],
        'address' => [
            'endereço',
        ],
    ],
    'pl' => [
        'first' => [
            'imię',
        ],
        'last' => [
            'nazwisko',
        ],
        'name' => [
            'imięinazwisko',
        ],
        'role' => [
            'stanowisko',
        ],
        'department' => [
            'dział',
        ],
        'company' => [
            'firma',
        ],
        'mobile' => [
            'komórka',
        ],
        'phone' => [
            'telefon',
        ],
        'address' => [
            'adres',
        ],
    ],
    'sv' => [
        'first' => [
            'förnamn',
        ],
        'last' => [
            'efternamn',
        ],
        'name' => [
            'namn',
        ],
        'role' => [
            'titel',
            'befattning',
        ],
        'department' => [
            'avdelning',
        ],
        'company' => [
            'företag',
        ],
        'mobile' => [
            'mobiltelefon',
        ],
        'phone' => [
            'telefonnummer',
        ],
        'email' => [
            'epost',
            'epostadress',
        ],
        'address' => [
            'adress',
        ],
    ],
];
