<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Record\ListOf;

/** One pin of a chip: what it can do, what it does at start-up, what reset needs of it. */
final readonly class ChipPin
{
    /**
     * @param string $name the chip’s own name of the pin, such as GPIO12 or PD2
     * @param list<Ability> $abilities
     * @param list<BootFact> $boot phases not named here find the pin floating
     */
    public function __construct(
        public string $name,
        #[ListOf(Ability::class)]
        public array $abilities,
        #[ListOf(BootFact::class)]
        public array $boot = [],
        public ?Strap $strap = null,
        public ?ReservedFor $reserved = null,
    ) {}

    public function can(Ability $ability): bool
    {
        return in_array($ability, $this->abilities, true);
    }

    /** The state in a phase, with its length; null when the pin floats. */
    public function bootFact(BootPhase $phase): ?BootFact
    {
        foreach ($this->boot as $fact) {
            if ($fact->phase === $phase) {
                return $fact;
            }
        }

        return null;
    }
}
