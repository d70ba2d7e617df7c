<?php

declare(strict_types=1);

namespace IronLatch\Core\Review;

/** A step of the work that carries a latch. */
enum Stage: string
{
    case Lines = 'Lines';
    case Pins = 'Pins';
    case Drive = 'Drive';
    case Power = 'Power';
    case Mains = 'Mains';
    case Controls = 'Controls';
    case Board = 'Board';
    /** Its latch follows from a trial, and from no rule. */
    case Bench = 'Bench';

    /** @param string $rule the id of a rule: its stage and its name */
    public static function of(string $rule): self
    {
        return self::from(ucfirst(explode('.', $rule)[0]));
    }

    /** What the view that the stage is worked on in is called. */
    public function view(): string
    {
        return self::Board === $this ? 'build' : strtolower($this->value);
    }
}
