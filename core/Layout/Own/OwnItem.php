<?php

namespace InkyCard\Layout\Own;

/** Something that stands in a block: lines, a block of its own, a table. */
interface OwnItem
{
}
