<?php

declare(strict_types=1);

namespace IronLatch\Core\Log;

use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\ListOf;
use IronLatch\Core\Record\Measured;

/** One copy of a board as it was built. */
final readonly class BoardCopy
{
    private const MOST_READINGS = 5_000;

    /**
     * @param int $revision that it is built after
     * @param string $program what its program says of itself when it starts
     * @param string $secrets which set of secrets it has, as “set 2”; never a secret
     * @param ?float $workSeconds that were spent on it
     * @param list<StepReading> $readings the oldest first
     * @param list<Verified> $verified
     * @param list<string> $ticked numbers of wires that are laid
     */
    public function __construct(
        public string $serial,
        public int $revision,
        public ?BuildForm $form = null,
        public string $program = '',
        public string $secrets = '',
        public string $place = '',
        public CopyState $state = CopyState::Building,
        public string $holder = '',
        public string $begun = '',
        #[Measured(Unit::Second, least: 0.0, most: 3.6e7)]
        public ?float $workSeconds = null,
        #[ListOf(StepReading::class)]
        public array $readings = [],
        #[ListOf(Verified::class)]
        public array $verified = [],
        #[ListOf('string')]
        public array $ticked = [],
    ) {
        if ('' === trim($serial)) {
            throw new \InvalidArgumentException('Give the copy a serial, by which it is told from the others.');
        }
        if ('' !== $secrets && 1 !== preg_match('/^set \d{1,3}$/', $secrets)) {
            throw new \InvalidArgumentException('Secrets stand here as “set 1”, “set 2”: keep themselves elsewhere, never in a file.');
        }
        if (count($readings) > self::MOST_READINGS) {
            throw new \InvalidArgumentException('A copy has at most 5000 readings.');
        }
        Day::checked($begun, 'it was begun');
    }

    /** The last that was found at a step; null where nothing was. */
    public function last(string $step): ?StepReading
    {
        foreach (array_reverse($this->readings) as $reading) {
            if ($reading->step === $step) {
                return $reading;
            }
        }

        return null;
    }

    public function isVerified(string $point): bool
    {
        return [] !== array_filter($this->verified, static fn(Verified $one): bool => $one->point === $point);
    }
}
