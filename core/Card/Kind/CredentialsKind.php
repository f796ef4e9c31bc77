<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;
use InkyCard\Roster\ProfileFact;

final class CredentialsKind extends AbstractLineKind
{
    protected const CAN = [Capability::Personal, Capability::InShort];

    protected const FACT = ProfileFact::Credentials;

    public function __construct()
    {
        parent::__construct(
            'credentials', 'Credentials', 'award', 'Degrees, memberships, letters after the name.',
            'MSc, Member of the Eddersby Garden Guild', InkRole::Quiet, 'small',
        );
    }

    public function contactProperties(Filled $piece): array
    {
        return [new ContactProperty(ContactProperty::SUFFIX, $piece->text('text'))];
    }
}
