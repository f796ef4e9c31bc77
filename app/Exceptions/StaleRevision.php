<?php

namespace App\Exceptions;

/** An edit was made on a revision that is no longer the current one; nothing was written. */
final class StaleRevision extends \RuntimeException
{
}
