<?php

/*
 * Where a card can be put, one a row. Steps are in our own words and say what
 * to look for, as names of menus change; `written` is when. Nobody's program
 * was run to write them.
 */
$pasted = 'Settings boxes';
$desktop = 'Programs on a desk';
$phone = 'Phones and tablets';
$placed = 'Placed from here';
$code = 'Systems that take code';
$people = 'People and campaigns';
$files = 'Files';

return [
    'any' => [
        'label' => 'Any mail program', 'group' => $pasted, 'takes' => 'rich', 'client' => 'tolerant-webmail',
        'words' => 'mail client webmail paste other',
        'steps' => [
            'Open your mail program\'s settings and find its signature box.',
            'Press in the box and paste.',
            'Save the settings: the button is often at the very end of the page.',
        ],
        'drawn' => ['', 'paste', 'save'],
        'replies' => 'Most programs ask twice, once for new messages and once for replies: choose it for both, and '
            .'above the quoted text.',
        'once' => 'Select it in the message and delete it.', 'written' => '2026-11-25',
    ],
    'gmail' => [
        'label' => 'Gmail on the web', 'group' => $pasted, 'takes' => 'rich', 'client' => 'strict-webmail',
        'words' => 'google workspace',
        'steps' => [
            'In the settings, choose to see all of them, and go down to the signature.',
            'Make a new one and give it the card\'s name, so that an older one stays.',
            'Press in the large box and paste.',
            'Below it, choose it for new messages and for replies.',
            'Tick that it goes before the quoted text, without dashes.',
            'Save the changes, at the very end of the page.',
        ],
        'drawn' => ['', '', 'paste', 'both', 'above', 'save'],
        'replies' => 'Every address you send from has a choice of its own: go through all of them.',
        'once' => 'While writing, the pen at the foot of the window has none to choose.', 'written' => '2026-11-25',
    ],
    'outlook-web' => [
        'label' => 'Outlook on the web and the new Outlook', 'group' => $pasted, 'takes' => 'rich',
        'client' => 'new-desktop', 'words' => 'microsoft 365 hotmail live office',
        'steps' => [
            'In the settings, look for accounts, then signatures.',
            'Add one and give it the card\'s name.',
            'Press in the box and paste, keeping the look if it asks.',
            'Choose it for new messages and for replies and forwards.',
            'Save.',
        ],
        'drawn' => ['', '', 'paste', 'both', 'save'],
        'replies' => 'Signatures belong to one account: choose the account first.',
        'once' => 'While writing, the signature button lists those you have; delete the one in the message.',
        'written' => '2026-11-25',
    ],
    'yahoo' => [
        'label' => 'Yahoo Mail and AOL Mail', 'group' => $pasted, 'takes' => 'rich', 'client' => 'tolerant-webmail',
        'words' => 'yahoo aol webmail',
        'steps' => [
            'In the settings, show more of them and go to writing mail.',
            'Switch the signature of your address on.',
            'Press in the box and paste.',
            'It is kept as you leave.',
        ],
        'drawn' => ['', '', 'paste', ''], 'replies' => 'Each address has a switch of its own.',
        'once' => 'Select it in the message and delete it.', 'written' => '2026-11-25',
    ],
    'fastmail' => [
        'label' => 'Fastmail', 'group' => $pasted, 'takes' => 'rich', 'client' => 'tolerant-webmail',
        'words' => 'fastmail identity',
        'steps' => [
            'In the settings, go to your identities and open the one you send from.',
            'Paste into its signature box.',
            'Save.',
        ],
        'drawn' => ['', 'paste', 'save'], 'replies' => 'Every identity has its own.',
        'once' => 'Choose an identity without one while writing.', 'written' => '2026-11-25',
    ],
    'proton' => [
        'label' => 'Proton Mail', 'group' => $pasted, 'takes' => 'rich', 'client' => 'tolerant-webmail',
        'words' => 'proton encrypted',
        'steps' => [
            'In the settings, go to identity and addresses.',
            'Choose the address and paste into its signature box.',
            'Update.',
        ],
        'drawn' => ['', 'paste', 'save'], 'replies' => 'Each address has its own.',
        'once' => 'Select it in the message and delete it.', 'written' => '2026-11-25',
    ],
    'outlook-windows' => [
        'label' => 'Outlook for Windows, with the Word engine', 'group' => $desktop, 'takes' => 'folder',
        'client' => 'word-desktop', 'words' => 'outlook classic desktop office windows folder',
        'steps' => [
            'Unpack the folder.',
            'Right-click install.ps1 and run it with PowerShell, or copy the files by hand as READ ME says. Nothing '
                .'there is overwritten: a name that is taken gets a number.',
            'Quit Outlook and start it again.',
            'In the options for mail, under signatures, choose it for new messages and for replies and forwards.',
            'Say OK to the end.',
        ],
        'drawn' => ['folder', '', 'reload', 'both', 'save'],
        'replies' => 'Choose the account at the top first: each has its own two defaults.',
        'once' => 'While writing, the signature menu can put in another; delete the one in the message.',
        'written' => '2026-11-25',
    ],
    'apple-mail' => [
        'label' => 'Apple Mail on a Mac', 'group' => $desktop, 'takes' => 'mailsignature', 'client' => 'webkit-desktop',
        'words' => 'mac macos mail icloud',
        'steps' => [
            'In Mail\'s settings, under signatures, make a new one for your account, type any word, and close the '
                .'settings.',
            'Quit Mail.',
            'In the Finder, go to the folder Library, Mail, the newest folder that starts with V, MailData, '
                .'Signatures. The newest file there is the one you just made.',
            'Open it and the file from here in a text editor. Keep its lines up to the empty one, and put everything '
                .'below that line of our file in the place of what stands below it.',
            'Take over our two lines that start with Content as well.',
            'Save, then lock the file: Get Info, Locked. Without that, Mail writes its own over it.',
            'Start Mail again.',
        ],
        'drawn' => ['', '', '', 'body', '', 'lock', 'reload'],
        'replies' => 'In the settings drag it onto every account that is to use it, and choose it there. Tick that it '
            .'goes above quoted text.',
        'once' => 'The list of signatures in the message has none to choose.', 'written' => '2026-11-25',
    ],
    'thunderbird' => [
        'label' => 'Thunderbird', 'group' => $desktop, 'takes' => 'html-file', 'client' => 'open-desktop',
        'words' => 'mozilla linux open source',
        'steps' => [
            'Put the file where it can stay: it is read anew for every message.',
            'In the account settings, choose the address.',
            'Tick that the signature comes from a file, and choose the file.',
            'Under composition, start replies above the quote and put the signature below your reply.',
        ],
        'drawn' => ['file', '', '', 'above'], 'replies' => 'Every identity has a file of its own.',
        'once' => 'Choose an identity without one, or delete it in the message.', 'written' => '2026-11-25',
    ],
    'iphone' => [
        'label' => 'Mail on an iPhone or iPad', 'group' => $phone, 'takes' => 'rich', 'client' => 'phone-webkit',
        'words' => 'ios apple phone tablet',
        'steps' => [
            'Open the card on the phone by its code, and press Copy the card.',
            'In the phone\'s settings go to the app Mail, then signature.',
            'Paste. If the look goes, shake the phone and undo the change it made.',
        ],
        'drawn' => ['phone', '', 'paste'], 'replies' => 'Set it for each account, not for all at once.',
        'once' => 'Delete it in the message.', 'written' => '2026-11-25',
    ],
    'android' => [
        'label' => 'Mail apps on Android', 'group' => $phone, 'takes' => 'rich', 'client' => 'phone-webmail-app',
        'words' => 'gmail app samsung phone tablet',
        'steps' => [
            'Open the card on the phone by its code, and copy it.',
            'In the settings of the mail app, choose the account and its signature, and paste. Most apps there take '
                .'words alone: copy its words alone where yours does.',
            'Gmail\'s app sends the signature of the web settings when its own is left empty: set it up there, and '
                .'empty the phone\'s.',
        ],
        'drawn' => ['phone', 'paste', ''], 'replies' => 'As on the web.', 'once' => 'Delete it in the message.',
        'written' => '2026-11-25',
    ],
    'jmap' => [
        'label' => 'A mailbox that speaks JMAP', 'group' => $placed, 'takes' => 'placed',
        'client' => 'tolerant-webmail', 'words' => 'jmap connect automatically fastmail server identity',
        'steps' => [
            'In the settings of your mailbox, make a token that may change signatures.',
            'Open the mailbox from here with it.',
            'Choose the address. What stood under it is kept and can be put back.',
        ],
        'drawn' => ['', 'place', ''],
        'replies' => 'Mailboxes keep one signature for an address, for new messages and answers alike.',
        'once' => 'Delete it in the message.', 'written' => '2026-11-25',
    ],
    'code' => [
        'label' => 'A system that takes HTML code', 'group' => $code, 'takes' => 'source', 'client' => 'strict-webmail',
        'words' => 'crm helpdesk trade body web system source html',
        'steps' => [
            'Copy the source: all of it, from the first sign to the last.',
            'In the system\'s preferences, look for the signature and for a switch to HTML or source.',
            'Paste, and switch the signature on: there is often a yes and no of its own.',
            'Save, and send yourself a sample.',
        ],
        'drawn' => ['', '', 'code', 'send'], 'replies' => 'Often one for all messages.', 'once' => 'The same switch.',
        'written' => '2026-11-25',
    ],
    'message' => [
        'label' => 'A message with the card in it', 'group' => $people, 'takes' => 'eml', 'client' => 'webkit-desktop',
        'words' => 'eml send self colleague email test',
        'steps' => [
            'Open the file in a mail program.',
            'Send it on to yourself or to colleagues: directions stand above the card.',
            'They copy the card out of it into their own settings.',
        ],
        'drawn' => ['send', '', ''], 'replies' => '', 'once' => '', 'written' => '2026-11-25',
    ],
    'template' => [
        'label' => 'A message to fill in and send', 'group' => $people, 'takes' => 'template',
        'client' => 'word-desktop', 'words' => 'eml template draft unsent',
        'steps' => [
            'Keep the file with your other ready messages.',
            'Open it: a new message stands there with the card under its words.',
            'Fill in the name and the words, and send.',
        ],
        'drawn' => ['', 'blanks', ''], 'replies' => '', 'once' => '', 'written' => '2026-11-25',
    ],
    'campaign' => [
        'label' => 'A campaign or newsletter', 'group' => $people, 'takes' => 'fragment', 'client' => 'campaign-frame',
        'words' => 'newsletter mailing marketing letter fragment',
        'steps' => [
            'Unpack the two files.',
            'In the letter\'s editor, add a block for own code and paste the .html file.',
            'Put the .txt file at the end of the letter\'s text version.',
            'Running campaigns keep what they started with: change each of them as well.',
        ],
        'drawn' => ['', 'foot', '', ''], 'replies' => 'Follow-up mails have blocks of their own.',
        'once' => 'Take the block out of that letter.', 'written' => '2026-11-25',
    ],
    'page' => [
        'label' => 'A self-contained HTML file', 'group' => $files, 'takes' => 'page', 'client' => 'webkit-desktop',
        'words' => 'download html file upload',
        'steps' => [
            'Take the file wherever it is wanted: its pictures are inside. One that could not be fetched stays at its '
                .'address.',
        ],
        'drawn' => ['file'], 'replies' => '', 'once' => '', 'written' => '2026-11-25',
    ],
    'pretty' => [
        'label' => 'Source a person can read', 'group' => $files, 'takes' => 'pretty', 'client' => 'strict-webmail',
        'words' => 'developer code indented',
        'steps' => [
            'Hand it to whoever works on it by hand. What is sent should be the compact source.',
        ],
        'replies' => '', 'once' => '', 'written' => '2026-11-25',
    ],
    'contact' => [
        'label' => 'Contact card (vCard 4)', 'group' => $files, 'takes' => 'vcard', 'client' => 'plain-text',
        'words' => 'vcf address book',
        'steps' => [
            'Attach it, or open it to add the holder to an address book.',
        ],
        'replies' => '', 'once' => '', 'written' => '2026-11-25',
    ],
    'contact-3' => [
        'label' => 'Contact card for older programs (vCard 3)', 'group' => $files, 'takes' => 'vcard3',
        'client' => 'plain-text', 'words' => 'vcf address book old',
        'steps' => [
            'Attach it, or open it to add the holder to an address book.',
        ],
        'replies' => '', 'once' => '', 'written' => '2026-11-25',
    ],
    'dates' => [
        'label' => 'Dates for a calendar (iCalendar)', 'group' => $files, 'takes' => 'ics', 'client' => 'plain-text',
        'words' => 'ics event calendar',
        'steps' => [
            'Put the file on your site and lead the event there, or attach it.',
        ],
        'replies' => '', 'once' => '', 'written' => '2026-11-25',
    ],
    'picture' => [
        'label' => 'A picture of the card (PNG)', 'group' => $files, 'takes' => 'png', 'client' => 'plain-text',
        'words' => 'png image screenshot slide print',
        'steps' => [
            'Put it on a slide, in a note or wherever HTML is not shown. It is twice as large as the card, for sharp '
                .'displays.',
            'In messages use the card itself: nothing in a picture can be clicked, searched or read aloud.',
        ],
        'drawn' => ['file', ''], 'replies' => '', 'once' => '', 'written' => '2026-11-25',
    ],
    'one-picture' => [
        'label' => 'The card as one linked picture', 'group' => $pasted, 'takes' => 'one-picture',
        'client' => 'pictures-blocked', 'words' => 'png image business card picture link',
        'steps' => [
            'Press in the signature box and paste. The picture\'s address is in it already.',
            'Save the settings.',
            'Know what it costs: where pictures are blocked readers see words alone, nothing in it can be dialled or '
                .'copied, and all of it leads to one place.',
        ],
        'drawn' => ['paste', 'save', ''], 'replies' => 'Take the card itself for replies: it is lighter.',
        'once' => 'Select it in the message and delete it.', 'written' => '2026-11-28',
    ],
    'document' => [
        'label' => 'The card\'s document', 'group' => $files, 'takes' => 'json', 'client' => 'plain-text',
        'words' => 'json backup export',
        'steps' => [
            'Keep it, or start another card from it.',
        ],
        'replies' => '', 'once' => '', 'written' => '2026-11-25',
    ],
];
