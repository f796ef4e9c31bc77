<?php

/*
 * What fields mean that are not clear by themselves: the marks beside them, the guide and the finder read it. Topic =>
 * title, what is said of it, other words it is found by. Fields of pieces go by kind and name.
 */
return [
    'On a card' => [
        'alt' => ['Words in its place', 'What readers get where the picture is not shown, or is read aloud. Say what it '
            .'shows, as to somebody on the phone; of a face, whose it is.', 'alt text picture blocked accessibility'],
        'credentials.text' => ['Credentials', 'Letters behind the name, such as a degree or a membership. Most readers '
            .'know few: leave what your trade does not ask for.', 'degree title letters'],
        'licence.text' => ['Licence', 'A number that shows you may practise, and who gave it. Many trades have to show it '
            .'in every business letter.', 'registration number duty regulated'],
        'email.subject' => ['Subject', 'Stands in the message when somebody presses the address: you see which card it '
            .'came by.', 'mailto prefilled'],
        'phone.form' => ['How a number is written', 'With the country for readers abroad, or as it is dialled at home. '
            .'Pressed, it is always dialled with the country.', 'international national format'],
        'line.label' => ['Label of a line', 'Stands before the text, a little quieter: “Office”, “Hours”, “Reply by”.', ''],
        'headshot.fit' => ['Height of a picture', 'As tall as the text beside it, or as its own proportions make it.', ''],
        'place.gap' => ['When nothing is due', 'A place shows what is due on the day a message is opened. Between two '
            .'banners it shows your evergreen banner, or nothing at all, one pixel high.', 'evergreen collapsed banner'],
        'event.entry' => ['Calendar entry', 'A press puts the event into the reader’s calendar. It is served here, so a '
            .'changed time is right in messages sent before.', 'ics invite'],
        'offer.ends' => ['Last day of an offer', 'After it the offer stands on no card any more; signatures handed over '
            .'say until when they are right.', 'expiry deadline'],
        'quote.follows' => ['Taken from', 'One quotation, or your list: another one by day, or by each time the card is '
            .'taken.', 'testimonial rotate'],
        'notice.follow' => ['Links of small print', 'As links in the text’s own colour, or as the rest of the card’s.', ''],
        'html.html' => ['HTML of your own', 'Goes out as it is, after what no mail client lets through was taken away. '
            .'The proof cannot measure it as well as pieces.', 'custom code'],
        'post.mark' => ['Day it came out', 'An old date beside a post says that nothing happens here: leave it out where '
            .'you write seldom.', ''],
    ],
    'Links and clicks' => [
        'counted' => ['Counted links', 'Links go out as short addresses that pass on at once and count. No cookie is set '
            .'and no address of a visitor kept; presses by robots and scanners are told apart.', 'click tracking redirect'],
        'tags' => ['Campaign tags', 'Words behind an address (UTM) by which your web statistics know '
            .'that a visitor came from a card. {person}, {piece}, {card} and {campaign} are filled in.', 'utm analytics'],
    ],
    'Banners' => [
        'window.priority' => ['Priority', 'Where two windows overlap, the higher one is shown. Equal ones share.', 'overlap'],
        'window.share' => ['Share', 'How often a banner is due among those of equal priority: 2 beside 1 is two cards of '
            .'three, or two days of three.', 'split rotate'],
        'evergreen' => ['Evergreen banner', 'Stands where nothing is due, in places that ask for it.', 'gap default'],
    ],
    'Campaigns' => [
        'footer.style' => ['Tokens', 'What the system that sends your campaigns fills in for each recipient. Each writes '
            .'them differently: choose how, or paste one of its messages and they are learned.', 'merge tags placeholder'],
        'footer.fallback' => ['Words for those without', 'Where a recipient has no name, a token can say “friend” instead, '
            .'in systems that know how.', 'default fallback'],
        'footer.why' => ['Why they get this', 'One sentence that reminds readers when they asked for it. Many laws and '
            .'all mailbox providers want it.', 'permission consent'],
        'footer.registration' => ['Registration', 'Where a firm is registered and under which number: what law asks of '
            .'business letters in many countries.', 'company number imprint'],
        'letter.preview' => ['Beside the subject', 'What mailboxes show behind the subject before a message is opened; '
            .'without it they take the first words.', 'preheader preview'],
        'campaign.messages' => ['Messages of a campaign', 'A number of days after the start, and the subject: “14 The '
            .'hedges are in”. Each holds the footer as it was when it was planned.', 'series follow-up drip'],
    ],
    'Handing over' => [
        'situation' => ['For what', 'One address can have several cards: for new mail, for answers, on the phone, under '
            .'campaigns.', 'reply forward new'],
        'directions.note' => ['A word of your own', 'Stands with the directions your colleagues get: whom to ask, or what '
            .'your house does differently.', 'help contact'],
    ],
    'Workspace' => [
        'zone' => ['Time zone', 'Days of banners, offers and campaigns begin and end at its midnight.', 'clock midnight'],
        'role' => ['What members may do', 'Owners everything; makers cards, brand, pictures, banners and campaigns; '
            .'coordinators who has which card; readers look.', 'permission rights admin'],
        'token' => ['A token', 'Stands for you where a program asks: it may do what is ticked, in this workspace, as long as '
            .'you may. Whoever has it has that: keep it where your passwords are.', 'api program key bearer'],
        'requests' => ['Requests of programs', 'Mail gateways open links to look at them before their readers do. They are told from people '
            .'by how they ask, and counted apart.', 'machine robot scanner filtered'],
        'second' => ['A second step', 'Signing in asks for a code of an app as well: a stolen password alone opens '
            .'nothing.', 'two factor 2fa totp authenticator'],
    ],
];
