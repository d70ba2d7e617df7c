<?php

declare(strict_types=1);

namespace IronLatch\View;

use IronLatch\Core\Quantity\Figure;

/** One element of a line’s live path: what it bears and what it carries. */
final readonly class PathLink
{
    /**
     * @param string $bears printed; empty while that is not stated
     * @param ?Figure $margin what it bears over what it carries
     * @param bool $isDangerous too little burns; otherwise it only blows or wears
     */
    public function __construct(
        public string $name,
        public string $carries,
        public string $bears,
        public ?Figure $margin,
        public bool $isDangerous = true,
    ) {}

    public function state(): string
    {
        return match (true) {
            null === $this->margin => JointState::Unknown->value,
            $this->margin->value < 1 => ($this->isDangerous ? JointState::Danger : JointState::Weak)->value,
            default => JointState::Sound->value,
        };
    }
}
