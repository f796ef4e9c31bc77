<?php

namespace InkyCard\Proof;

/** One thing a card is looked at for. */
interface Check
{
    public function key(): string;

    /** What is wrong when it finds something, in a few words. */
    public function title(): string;

    public function area(): Area;

    /** Why it could not look at all there is, to stand after "because"; empty where it could. */
    public function blind(Subject $subject): string;

    /** @return list<Finding> */
    public function find(Subject $subject): array;
}
