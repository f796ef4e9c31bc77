<?php

namespace InkyCard\Card\Content;

/**
 * What a piece puts on the card, with every colour and size settled.
 *
 * Pieces say their content once; the HTML composer, the text composer and
 * whatever measures or checks a card all read the same blocks.
 */
interface Block
{
}
