<?php

namespace App\Roster;

use App\Models\StoredPerson;
use App\Pictures\HostedPictures;
use InkyCard\Card\Content\PictureBlock;
use InkyCard\Picture\Recipe;
use InkyCard\Picture\Shape;
use InkyCard\Roster\ProfileFact;

/** Portraits of people as pages show them. */
final class Portraits
{
    /** Sides of one, CSS px. */
    public const SIDE = 64;

    /** Address of somebody's; empty where there is none. */
    public static function of(StoredPerson $person): string
    {
        $ref = $person->known()->text(ProfileFact::Portrait);
        if ($ref === '') {
            return '';
        }
        $block = new PictureBlock(new Recipe($ref, Shape::Round, self::SIDE, self::SIDE), self::SIDE, self::SIDE, '');
        $pictures = HostedPictures::forScreen();
        $pictures->prepare([$block]);

        return $pictures->source($block);
    }
}
