<?php

declare(strict_types=1);

namespace IronLatch\Core\Log;

use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\ListOf;
use IronLatch\Core\Record\Measured;

/** One copy of a board as it was built. */
final readonly class BoardCopy
{
    private const MOST_READINGS = 5_000;

    /** @var array<string, StepReading> the last by step */
    private array $last;

    /**
     * @param int $revision that it is built after
     * @param string $program what its program says of itself when it starts
     * @param string $secrets which set of secrets it has, as “set 2”; never a secret
     * @param ?float $workSeconds that were spent on it
     * @param list<StepReading> $readings the oldest first
     * @param list<Verified> $verified
     * @param list<string> $ticked numbers of wires that are laid
     * @param string $wiringHash of the wiring that its readings hold for
     * @param string $programHash of the program that they hold for
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
        public string $wiringHash = '',
        public string $programHash = '',
    ) {
        if ('' === trim($serial)) {
            throw new \InvalidArgumentException('Give the copy a serial, by which it is told from the others.');
        }
        if ('' !== $secrets && 1 !== preg_match('/^set \d{1,3}$/', $secrets)) {
            throw new \InvalidArgumentException('Secrets stand here as “set 1”, “set 2”: keep themselves elsewhere, never in a file.');
        }
        if (count($readings) > self::MOST_READINGS) {
            throw new \InvalidArgumentException(sprintf('A copy has at most %d readings.', self::MOST_READINGS));
        }
        Day::checked($begun, 'it was begun');
        $this->last = array_column($readings, null, 'step');
    }

    /** The last that was found at a step; null where nothing was. */
    public function last(string $step): ?StepReading
    {
        return $this->last[$step] ?? null;
    }

    /** Whether a promise was found kept, in these words: other distances, other promise. */
    public function isVerified(string $point, string $words): bool
    {
        return [] !== array_filter(
            $this->verified,
            static fn(Verified $one): bool => $one->point === $point && $one->words === $words,
        );
    }

    /** How often something was put down at a step. */
    public function timesFound(CommissioningStep $step): int
    {
        return count(array_filter($this->readings, static fn(StepReading $one): bool => $one->step === $step->key))
            + (null === $step->holdPoint ? 0 : (int) $this->isVerified($step->holdPoint, $step->title));
    }

    public function isUntouched(): bool
    {
        return [] === $this->readings && [] === $this->verified && [] === $this->ticked;
    }

    public function builtAfter(string $wiringHash, string $programHash): self
    {
        return Copy::of($this, ['wiringHash' => $wiringHash, 'programHash' => $programHash]);
    }

    /** With one more reading; where there is no more room, the oldest goes that a later one has replaced. */
    public function with(StepReading $reading): self
    {
        $readings = [...$this->readings, $reading];
        if (count($readings) > self::MOST_READINGS) {
            $steps = array_column($readings, 'step');
            $last = array_flip($steps);
            $replaced = array_filter(array_keys($steps), static fn(int $place): bool => $last[$steps[$place]] !== $place);
            unset($readings[array_values($replaced)[0] ?? 0]);
        }

        return Copy::of($this, ['readings' => array_values($readings)]);
    }

    /**
     * With steps that are to be taken again. A copy that was in use is not, until they are.
     *
     * @param list<CommissioningStep> $steps
     */
    public function anew(array $steps, string $today): self
    {
        $copy = $this;
        foreach ($steps as $step) {
            $was = $this->verification($step);
            if (null !== $was || !in_array($this->last($step->key)?->outcome, [null, Outcome::Anew], true)) {
                $copy = $copy->with(new StepReading($step->key, Outcome::Anew, '', $today, '', $was?->before() ?? ''));
            }
        }
        $isInUse = in_array($this->state, [CopyState::Commissioned, CopyState::InUse], true);
        $points = array_map(static fn(CommissioningStep $step): string => $step->holdPoint ?? '', $steps);

        return Copy::of($copy, [
            'verified' => array_values(array_filter(
                $this->verified,
                static fn(Verified $one): bool => !in_array($one->point, $points, true),
            )),
            'state' => $isInUse && [] !== $steps ? CopyState::Building : $this->state,
        ]);
    }

    private function verification(CommissioningStep $step): ?Verified
    {
        $of = array_filter($this->verified, static fn(Verified $one): bool => $one->point === $step->holdPoint);

        return [] === $of ? null : current($of);
    }
}
