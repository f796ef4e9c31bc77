<?php

namespace InkyCard\Stamp;

/** Where a card belongs in a message cannot be told surely: it stays as it is. */
final class NoPlace extends \RuntimeException
{
}
