<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** One thing that is done on the bench, and when. */
final readonly class Deed
{
    /**
     * @param float $at from the beginning of the run
     * @param string $what id of a surface, key, function, relay or line; of an outage its key, such as “radio” or “C1 service”; a group
     *     on a channel as “K1@C1”
     * @param string $value the word that is said, the position of a knob, the reading of a sensor
     * @param ?float $for how long a key, a button or a switch is held; as is usual while it is not said
     */
    public function __construct(
        #[Measured(Unit::Second, least: 0.0, most: 1_209_600.0)]
        public float $at,
        public DeedKind $do,
        public string $what = '',
        public string $value = '',
        #[Measured(Unit::Second, least: 0.0, most: 86_400.0)]
        public ?float $for = null,
    ) {
        if ($do->wantsSubject() === ('' === $what)) {
            throw new \InvalidArgumentException(
                '' === $what
                    ? sprintf('“%s” wants to know what: give an id of the board.', $do->value)
                    : sprintf('“%s” is done to the board as a whole: leave “what” out.', $do->value),
            );
        }
        if (mb_strlen($what) > 60 || mb_strlen($value) > 200) {
            throw new \InvalidArgumentException('What is done something to has at most 60 characters, and what is said at most 200.');
        }
    }

    public static function of(float $at, DeedKind $do, string $what = '', string $value = '', ?float $for = null): self
    {
        return new self($at, $do, $what, $value, $for);
    }
}
