<?php

namespace InkyCard\Proof;

/** One thing a card is looked at for. */
interface Check
{
    public function key(): string;

    /** What is wrong when it finds something, in a few words. */
    public function title(): string;

    public function area(): Area;

    /** @return list<Finding> */
    public function find(Subject $subject): array;
}
