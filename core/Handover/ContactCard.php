<?php

namespace InkyCard\Handover;

use InkyCard\Card\Kind\ProfilesKind;
use InkyCard\Link\PhoneNumber;
use InkyCard\Refusal;
use Sabre\VObject\Component\VCard;

/** A card's holder as a contact. */
final class ContactCard
{
    /** @throws Refusal when nobody is named */
    public static function of(Parcel $parcel): VCard
    {
        $name = $parcel->fact('name') ?: $parcel->fact('company');
        if ($name === '') {
            throw Refusal::because('A contact has a name: fill in the name or the firm on the bench first.');
        }
        $card = new VCard([
            'VERSION' => '4.0', 'FN' => $name, 'PRODID' => '-//Inky Card//EN',
            'UID' => 'urn:uuid:'.self::uuid($name.$parcel->fact('email', 'address')),
        ]);
        // The last word is the family name, which is right for most and can be put right by the rest.
        $words = explode(' ', $name);
        $family = count($words) > 1 ? array_pop($words) : '';
        $card->add('N', $family === '' ? ['', $name, '', '', ''] : [$family, implode(' ', $words), '', '', '']);
        foreach (['TITLE' => 'role', 'NOTE' => 'licence'] as $property => $kind) {
            if ($parcel->fact($kind) !== '') {
                $card->add($property, $parcel->fact($kind));
            }
        }
        if ($parcel->fact('company') !== '') {
            $card->add('ORG', array_filter([$parcel->fact('company'), $parcel->fact('department')]));
        }
        foreach ($parcel->pieces('phone') as $piece) {
            $type = ['mobile' => ['cell', 'voice'], 'fax' => ['fax']][$piece->text('sort')] ?? ['work', 'voice'];
            $card->add('TEL', PhoneNumber::ofDisplay($piece->text('number'))->href(), [
                'VALUE' => 'uri',
                'TYPE' => $type,
            ]);
        }
        foreach ($parcel->pieces('email') as $piece) {
            $card->add('EMAIL', $piece->text('address'), ['TYPE' => 'work']);
        }
        foreach ($parcel->pieces('web') as $piece) {
            $card->add('URL', $piece->text('address'));
        }
        foreach ($parcel->pieces('profiles') as $piece) {
            foreach (ProfilesKind::links($piece) as $link) {
                $card->add('URL', $link->address);
            }
        }
        if ($parcel->fact('address') !== '') {
            $card->add('ADR', ['', '', $parcel->fact('address'), '', '', '', ''], ['TYPE' => 'work']);
        }
        $portrait = $parcel->portrait();
        if ($portrait !== null) {
            $card->add('PHOTO', $portrait->dataUri(), ['VALUE' => 'uri']);
        }

        return $card;
    }

    /** A name-based identifier (RFC 4122, version 5 by its form): the same holder, the same contact. */
    private static function uuid(string $of): string
    {
        $hash = sha1("inky-card\0$of");

        return sprintf(
            '%s-%s-5%s-%s%s-%s', substr($hash, 0, 8), substr($hash, 8, 4), substr($hash, 13, 3),
            dechex(8 + (hexdec($hash[16]) & 3)), substr($hash, 17, 3), substr($hash, 20, 12),
        );
    }
}
