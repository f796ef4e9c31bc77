<?php

namespace InkyCard\Handover;

use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Kind\ContactProperty;
use InkyCard\Refusal;
use Sabre\VObject\Component\VCard;
use Sabre\VObject\Document;
use Symfony\Component\Uid\Uuid;

/** A card's holder as a contact. */
final class ContactCard
{
    /** @throws Refusal when nobody is named */
    public static function of(Parcel $parcel): VCard
    {
        $card = $parcel->card;
        $firm = $card->fact(Capability::Firm);
        $name = $card->fact(Capability::Holder) ?: $firm;
        if ($name === '') {
            throw Refusal::because('A contact has a name: fill in the name or the firm on the bench first.');
        }
        $contact = new VCard([
            'VERSION' => '4.0', 'FN' => $name, 'PRODID' => '-//Inky Card//EN',
            'UID' => self::urn($name.$card->fact(Capability::MailAddress)), 'N' => self::parts($name),
        ]);
        if ($firm !== '') {
            $contact->add('ORG', array_filter([$firm, $card->fact(Capability::Department)]));
        }
        foreach ($card->filled() as $piece) {
            foreach ($piece->kind->contactProperties($piece) as $property) {
                if ($property->name === ContactProperty::SUFFIX) {
                    $name = $contact->select('N')[0];
                    $name->setParts([...array_slice($name->getParts(), 0, 4), self::suffixes($property->value)]);
                } else {
                    $contact->add($property->name, $property->value, $property->parameters);
                }
            }
        }
        foreach (['PHOTO' => $parcel->portrait(), 'LOGO' => $parcel->logo()] as $name => $picture) {
            if ($picture !== null) {
                $contact->add($name, $picture->dataUri(), ['VALUE' => 'uri']);
            }
        }

        return $contact;
    }

    /**
     * As a file of one version or another.
     *
     * @throws Refusal
     */
    public static function text(Parcel $parcel, int $version): string
    {
        $contact = self::of($parcel);
        $text = ($version === Document::VCARD40 ? $contact : self::older($contact))->serialize();

        // Addresses are no text (RFC 6350, 4.1 and 4.2): their commas stand as they are, and readers take no backslash
        // out of them. The package puts one before each.
        return (string) preg_replace_callback(
            '/^[A-Z-]+(?:;[^:"\r\n]*)?;VALUE=URI[^:\r\n]*:.*\r\n(?: .*\r\n)*/mi',
            fn (array $line) => self::folded(str_replace('\\,', ',', str_replace("\r\n ", '', $line[0]))),
            $text,
        );
    }

    /** As RFC 2426 has it: numbers are text, and what it does not know goes by names address books take. */
    private static function older(VCard $contact): VCard
    {
        $older = $contact->convert(Document::VCARD30);
        foreach ($older->select('TEL') as $number) {
            $number->setValue((string) preg_replace(['/^tel:/', '/;ext=/'], ['', ' x'], (string) $number));
            unset($number['VALUE']);
        }
        foreach ($older->select('SOCIALPROFILE') as $profile) {
            $older->add('X-SOCIALPROFILE', (string) $profile, [
                'TYPE' => mb_strtolower((string) $profile['SERVICE-TYPE']), 'X-USER' => (string) $profile['USERNAME'],
            ]);
        }
        foreach ($older->select('IMPP') as $chat) {
            $chat['X-SERVICE-TYPE'] = (string) $chat['SERVICE-TYPE'];
            unset($chat['SERVICE-TYPE']);
        }
        foreach ($older->select('PRONOUNS') as $pronouns) {
            $older->add('X-PRONOUNS', (string) $pronouns);
        }
        $older->remove('SOCIALPROFILE');
        $older->remove('PRONOUNS');

        return $older;
    }

    /**
     * @param  string|list<string>  $written
     * @return list<string> parted as they were written
     */
    private static function suffixes(string|array $written): array
    {
        return array_map(trim(...), is_array($written) ? $written : explode(',', $written));
    }

    /** A line of at most 75 bytes and what it goes on with (RFC 6350, 3.2). */
    private static function folded(string $line): string
    {
        $rows = [];
        for ($rest = rtrim($line, "\r\n"); $rest !== ''; $rest = substr($rest, strlen($row))) {
            $row = mb_strcut($rest, 0, $rows === [] ? 75 : 74);
            $rows[] = $row;
        }

        return implode("\r\n ", $rows)."\r\n";
    }

    /**
     * The last word is the family name, which is right for most and can be put right by the rest.
     *
     * @return array{string, string, string, string, string} as `N` has them (RFC 6350, 6.2.2)
     */
    private static function parts(string $name): array
    {
        $words = explode(' ', $name);
        $family = count($words) > 1 ? array_pop($words) : '';

        return [$family, implode(' ', $words), '', '', ''];
    }

    /** A name-based identifier (RFC 9562, version 5): the same holder, the same contact. */
    private static function urn(string $of): string
    {
        return 'urn:uuid:'.Uuid::v5(Uuid::fromString(Uuid::NAMESPACE_OID), "inky-card\0$of")->toRfc4122();
    }
}
