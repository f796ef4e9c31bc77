<?php

namespace InkyCard\Layout;

/** What stands in a cell and is laid out itself. */
interface Nested
{
    /** @return 'left'|'center'|'right'|null where it stands in a wider cell */
    public function align(): ?string;
}
