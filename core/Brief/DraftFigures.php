<?php

declare(strict_types=1);

namespace IronLatch\Core\Brief;

use IronLatch\Core\Record\Copy;

/** What a draft is weighed by, without the draft itself: small enough to be kept while the others are worked out. */
final readonly class DraftFigures
{
    /** Worst margins from here on are all comfortable: they are taken at the worst corner already (common practice). */
    private const COMFORTABLE = 1.05;
    private const TIGHT = 1.02;

    /**
     * @param string $choices id of the choices that it came of
     * @param string $words what is chosen
     * @param int $faults dangers and broken findings
     * @param int $weak findings
     * @param string $firstFault what the worst finding says; empty where there is none
     * @param float $worstMargin the least of all joints, contacts and rails, at the worst corner
     * @param string $worstOf where that is
     * @param int $freePins good ones
     * @param float $supplyUsed share of the busiest supply, of its rating where it works
     * @param float $euros known prices of one copy
     * @param float $onceEuros paid once besides: an order of boards, and those of it that nobody needs
     * @param int $unpriced parts of unknown price
     * @param int $parts pieces
     * @param int $different kinds of them
     * @param int $joints made by hand
     * @param float $squareMetres of the plan; of the box where nothing is laid yet
     * @param float $inDrawer share of the pieces that lie in the drawer
     * @param list<string> $missed what the brief asks for and this one does not keep
     * @param list<string> $givesUp what another kind of board would have
     * @param list<string> $decided what was decided for the maker
     * @param list<string> $because the three facts that decided
     * @param list<DraftLine> $lines
     * @param int $open facts that only the maker can know
     */
    public function __construct(
        public string $choices,
        public string $words,
        public string $carrier,
        public string $school,
        public string $feeding,
        public string $form,
        public string $box,
        public int $faults,
        public int $weak,
        public string $firstFault,
        public float $worstMargin,
        public string $worstOf,
        public int $freePins,
        public float $supplyUsed,
        public float $euros,
        public float $onceEuros,
        public int $unpriced,
        public int $parts,
        public int $different,
        public int $joints,
        public float $squareMetres,
        public float $inDrawer,
        public array $missed,
        public array $givesUp,
        public array $decided,
        public array $because,
        public array $lines,
        public int $open,
    ) {}

    /**
     * What comes first: no fault, nothing weak, margins, what cannot be changed later and what was insisted on, then cost, size, kinds of
     * parts, work; equal ones by name (common practice).
     *
     * @return list<float|int|string>
     */
    public function rank(): array
    {
        return [
            $this->faults,
            $this->weak,
            $this->marginBand(),
            count($this->missed),
            $this->costs(),
            $this->squareMetres,
            $this->different,
            $this->joints,
            $this->choices,
        ];
    }

    /** What the first copy costs in all. */
    public function costs(): float
    {
        return $this->euros + $this->onceEuros;
    }

    /** 0 comfortable, 1 tight, 2 under that. */
    public function marginBand(): int
    {
        return $this->worstMargin >= self::COMFORTABLE ? 0 : ($this->worstMargin >= self::TIGHT ? 1 : 2);
    }

    /** Neither danger nor anything broken. */
    public function isSound(): bool
    {
        return 0 === $this->faults;
    }

    /**
     * @param list<string> $givesUp
     */
    public function givingUp(array $givesUp): self
    {
        return Copy::of($this, ['givesUp' => [...$this->givesUp, ...$givesUp]]);
    }
}
