<?php

namespace InkyCard\Card\Kind;

/** What a kind of piece is to the rest of the application, which asks for this and never for a kind by its key. */
enum Capability
{
    /** Says how to reach somebody, not who they are: arrangements may part the two. */
    case Contact;

    /** Belongs to a person, not to a firm: on a copy for somebody else it is a sample. */
    case Personal;

    /** Names the card's holder. */
    case Holder;

    /** Names the firm in words. */
    case Firm;

    case Department;

    /** Says who writes where no name does: the firm, its mark. */
    case StandsForName;

    /** What its holder does, which trade rules go by. */
    case Role;

    /** The number of a licence, which trade rules ask for. */
    case Licence;

    /** Small print and documents the brand has, which trade rules ask for. */
    case Notice;

    /** The holder's mail address. */
    case MailAddress;

    /** A number that is dialled. */
    case PhoneNumber;

    /** A portrait of the holder: it speaks of them, and can be as tall as the text beside it. */
    case Portrait;

    /** The mark of the firm. */
    case Logo;

    /** Links to profiles. */
    case Profiles;

    /** Whoever gets the message forwarded can answer by it. */
    case Reach;

    /** Asks the reader to do one thing. */
    case Call;

    /** Such a call that promises something: a page made for it brings most. */
    case Promise;

    /** A picture that is there to be pressed. */
    case Pressed;

    /** Follows a feed. */
    case Feed;

    /** Is the still of a film, which a page of its own may name. */
    case Film;

    /** Says what somebody else said, from the firm's list where it is told to. */
    case Quotation;

    /** Shows what is due on the day it is looked at. */
    case Place;

    /** To be had until a day. */
    case Offer;

    /** Takes place on a day. */
    case Event;

    /** Shows a written name in its own ink. */
    case Handwriting;

    /** Markup of somebody's own. */
    case OwnMarkup;

    /** Stays in the short form, however often it is there. */
    case InShort;

    /** Of each of these the short form keeps the first. */
    case ShortNumber;
    case ShortSite;
    case ShortCall;

    /** Of each of them one is enough where room is short. */
    public const ONE_IN_SHORT = [self::ShortNumber, self::ShortSite, self::ShortCall];
}
