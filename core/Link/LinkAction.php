<?php

namespace InkyCard\Link;

/** What happens when a link is clicked: each kind of thing needs its own form of address (need D24). */
enum LinkAction: string
{
    case Page = 'page';
    case Message = 'message';
    case Call = 'call';
    case Text = 'text';
    case Map = 'map';
    case Chat = 'chat';
    case Document = 'document';

    /** One in somebody's storage, opened by whoever has its exact address. */
    case Shared = 'shared';
    case Calendar = 'calendar';
    case Booking = 'booking';
    case Room = 'room';
    case Payment = 'payment';
    case Film = 'film';
    case Profile = 'profile';

    private const DOCUMENTS = 'pdf|docx?|odt|rtf|xlsx?|ods|csv|pptx?|odp|epub|zip|vcf';

    /** Parts of hosts and paths, first match counts; what is in the directory of profiles comes after. */
    private const PLACES = [
        'map' => '~^(?:maps\.|(?:www\.)?google\.[a-z.]+/maps|maps\.app\.goo\.gl|goo\.gl/maps'
            .'|(?:www\.)?openstreetmap\.org|osm\.org|(?:www\.)?bing\.com/maps|(?:www\.)?what3words\.com|w3w\.co)~',
        'calendar' => '~\.ics(?:$|[?#])|^calendar\.google\.com/calendar/(?:event|render)|^outlook\.(?:live'
            .'|office)\.com/calendar~',
        'room' => '~^(?:[\w-]+\.)?zoom\.(?:us|com)/(?:j|my|s)/|^meet\.google\.com/|^meet\.jit\.si/|^whereby\.com/'
            .'|^teams\.(?:microsoft|live)\.com/(?:l/meetup-join|meet)|^[\w-]+\.webex\.com/|^[\w-]+\.my\.webex\.com/~',
        'payment' => '~^(?:www\.)?paypal\.(?:me|com/paypalme)|^buy\.stripe\.com/|^pay\.|^monzo\.me/|^revolut\.me/'
            .'|^square\.link/|^checkout\.square\.site/~',
        'film' => '~^(?:www\.|m\.)?youtube\.com/(?:watch|shorts|live|embed)|^youtu\.be/|^(?:www\.)?vimeo\.com/\d'
            .'|^(?:www\.)?loom\.com/share~',
        'shared' => '~^docs\.google\.com/|^drive\.google\.com/|^(?:www\.)?dropbox\.com/|^1drv\.ms/|'
            .'^[\w-]+\.sharepoint\.com/|^onedrive\.live\.com/|^(?:www\.)?icloud\.com/iclouddrive~',
        'document' => '~\.(?:'.self::DOCUMENTS.')(?:$|[?#])~',
    ];

    /** @param  string  $href  as a card carries it */
    public static function of(string $href): self
    {
        [$scheme, $rest] = explode(':', $href, 2) + [1 => ''];
        $scheme = strtolower($scheme);
        if ($scheme !== 'http' && $scheme !== 'https') {
            return ['mailto' => self::Message, 'tel' => self::Call, 'sms' => self::Text, 'geo' => self::Map][$scheme]
                ?? self::Page;
        }
        $place = mb_strtolower(ltrim($rest, '/'));
        foreach (self::PLACES as $opens => $pattern) {
            if (preg_match($pattern, $place) === 1) {
                return self::from($opens);
            }
        }
        $trades = ProfileDirectory::tradesOf((string) preg_replace('~^(?:www\.)?([^/?#]*).*$~s', '$1', $place));

        return match (true) {
            $trades === [] => self::Page,
            in_array('messaging', $trades, true) => self::Chat,
            in_array('booking', $trades, true) => self::Booking,
            default => self::Profile,
        };
    }

    /** What a click does, to stand after the link's words. */
    public function says(): string
    {
        return match ($this) {
            self::Page => 'opens a page',
            self::Message => 'starts a message',
            self::Call => 'dials',
            self::Text => 'starts a text message',
            self::Map => 'opens a map',
            self::Chat => 'starts a chat',
            self::Document => 'opens a document',
            self::Shared => 'opens a shared document',
            self::Calendar => 'adds a date',
            self::Booking => 'opens a booking page',
            self::Room => 'joins a call on screen',
            self::Payment => 'opens a payment page',
            self::Film => 'plays a film',
            self::Profile => 'opens a profile',
        };
    }

    /** What its maker has to see to; empty when nothing. */
    public function caution(): string
    {
        return match ($this) {
            self::Document, self::Shared => 'A stranger must be able to open it without signing in.',
            self::Room => 'Whoever has your card can come in: keep a waiting room.',
            default => '',
        };
    }

    /**
     * Whether its page can tell campaign tags: other people's networks, maps, chats and tills cannot, and some refuse
     * them.
     */
    public function tellsTags(): bool
    {
        return in_array($this, [self::Page, self::Document, self::Calendar, self::Booking], true);
    }
}
