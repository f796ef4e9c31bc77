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
            'nachname',
        ],
        'role' => [
            'funktion',
        ],
        'department' => [
            'abteilung',
        ],
        'company' => [
            'firma',
        ],
        'mobile' => [
            'handy',
            'handyphone',
            'handynumber',
        ],
        'phone' => [
            'fon',
            'telefon',
        ],
        'address' => [
            'adresse',
        ],
    ],
];
