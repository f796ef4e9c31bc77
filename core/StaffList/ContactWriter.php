<?php

namespace InkyCard\StaffList;

use InkyCard\Roster\Profile;
use InkyCard\Roster\ProfileFact;
use Sabre\VObject\Component\VCard;

/** What is known of somebody as a contact (vCard 4, RFC 6350; PRONOUNS: RFC 9554), as lists of them are read again. */
final class ContactWriter
{
    /** Numbers in the order they are read back in, with their types. */
    private const NUMBERS = [
        'office' => ['work', 'voice'], 'direct' => ['work', 'voice'], 'mobile' => ['cell'], 'fax' => ['fax'],
    ];

    /**
     * @param  string  $firm  empty for none
     * @param  list<string>  $groups
     * @param  string  $id  what it is known by elsewhere; empty for nothing
     */
    public static function contact(Profile $known, string $firm, array $groups, string $id): string
    {
        $words = explode(' ', $known->name());
        $family = count($words) > 1 ? (string) array_pop($words) : '';
        $contact = new VCard([
            'VERSION' => '4.0', 'PRODID' => '-//Inky Card//EN', 'FN' => $known->name(),
            'N' => [$family, implode(' ', $words), '', '', $known->text(ProfileFact::Credentials)],
        ]);
        // The library draws one at random: read again, that would be another name for them.
        $contact->remove('UID');
        $id === '' || $contact->add('UID', $id);
        $department = $known->text(ProfileFact::Department);
        $firm.$department === '' || $contact->add('ORG', $department === '' ? [$firm] : [$firm, $department]);
        foreach (['TITLE' => ProfileFact::Role, 'PRONOUNS' => ProfileFact::Pronouns] as $name => $fact) {
            $known->has($fact) && $contact->add($name, $known->text($fact));
        }
        foreach ($known->lines(ProfileFact::Addresses) as $address) {
            $contact->add('EMAIL', $address, ['TYPE' => 'work']);
        }
        foreach (self::NUMBERS as $fact => $types) {
            $number = $known->text(ProfileFact::from($fact));
            $number === '' || $contact->add('TEL', $number, ['TYPE' => $types]);
        }
        foreach ($known->lines(ProfileFact::Profiles) as $link) {
            preg_match('~https?://\S+|[\w.-]+\.[a-z]{2,}/\S*~i', $link, $address);
            $contact->add('URL', $address[0] ?? $link);
        }
        $groups === [] || $contact->add('CATEGORIES', $groups);

        return $contact->serialize();
    }
}
