<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit;

use IronLatch\Core\Board\BaseMaterial;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\InletKind;
use IronLatch\Core\Board\MainsBox;
use IronLatch\Core\Board\MaterialGroup;
use IronLatch\Core\Board\Place;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\Measured;

/** States facts of the mains side as a whole; what is left out stays as it was. */
final readonly class StateBox implements Edit
{
    public function __construct(
        public ?InletKind $inlet = null,
        #[Measured(Unit::Ampere)]
        public ?float $inletAmps = null,
        public ?bool $fused = null,
        #[Measured(Unit::SquareMetre)]
        public ?float $leadSquareMetres = null,
        #[Measured(Unit::SquareMetre)]
        public ?float $innerSquareMetres = null,
        #[Measured(Unit::Ampere)]
        public ?float $terminalAmps = null,
        #[Measured(Unit::Metre)]
        public ?float $clearanceMetres = null,
        #[Measured(Unit::Metre)]
        public ?float $creepageMetres = null,
        public ?Place $place = null,
        public ?bool $touchable = null,
        public ?BaseMaterial $enclosure = null,
        public ?bool $enclosureEarthed = null,
        public ?bool $oneCircuit = null,
        public ?bool $switchesFreed = null,
        public ?bool $lowContactsApart = null,
        public ?bool $tracks = null,
        #[Measured(Unit::Metre)]
        public ?float $altitudeMetres = null,
        public ?MaterialGroup $material = null,
        public ?int $atOnce = null,
        #[Measured(Unit::SquareMetre)]
        public ?float $branchSquareMetres = null,
    ) {}

    public function apply(Board $board): Board
    {
        if ([] === $this->stated()) {
            throw new EditRefused('Nothing was stated. Fill in at least one of the fields.');
        }
        $box = $board->box ?? new MainsBox();

        return $board->with(box: new MainsBox(
            null === $this->inlet ? $box->inlet : Fact::stated($this->inlet),
            null === $this->inletAmps ? $box->inletAmps : Fact::stated($this->inletAmps),
            null === $this->fused ? $box->fused : Fact::stated($this->fused),
            null === $this->leadSquareMetres ? $box->leadSquareMetres : Fact::stated($this->leadSquareMetres),
            null === $this->innerSquareMetres ? $box->innerSquareMetres : Fact::stated($this->innerSquareMetres),
            null === $this->terminalAmps ? $box->terminalAmps : Fact::stated($this->terminalAmps),
            null === $this->clearanceMetres ? $box->clearanceMetres : Fact::stated($this->clearanceMetres),
            null === $this->creepageMetres ? $box->creepageMetres : Fact::stated($this->creepageMetres),
            null === $this->place ? $box->place : Fact::stated($this->place),
            null === $this->touchable ? $box->touchable : Fact::stated($this->touchable),
            null === $this->enclosure ? $box->enclosure : Fact::stated($this->enclosure),
            null === $this->enclosureEarthed ? $box->enclosureEarthed : Fact::stated($this->enclosureEarthed),
            null === $this->oneCircuit ? $box->oneCircuit : Fact::stated($this->oneCircuit),
            null === $this->switchesFreed ? $box->switchesFreed : Fact::stated($this->switchesFreed),
            null === $this->lowContactsApart ? $box->lowContactsApart : Fact::stated($this->lowContactsApart),
            null === $this->tracks ? $box->tracks : Fact::stated($this->tracks),
            null === $this->altitudeMetres ? $box->altitudeMetres : Fact::stated($this->altitudeMetres),
            null === $this->material ? $box->material : Fact::stated($this->material),
            false === $this->fused ? null : $box->fuse,
            $box->track,
            null === $this->atOnce ? $box->atOnce : Fact::stated($this->atOnce),
            null === $this->branchSquareMetres ? $box->branchSquareMetres : Fact::stated($this->branchSquareMetres),
        ));
    }

    /**
     * @return list<string> names of what is stated
     */
    private function stated(): array
    {
        return array_keys(array_filter(get_object_vars($this), static fn(mixed $value): bool => null !== $value));
    }

    public function summary(Board $board): string
    {
        return 'State the mains side: ' . implode(', ', array_map(static fn(string $name): string => strtolower((string) preg_replace('/(?<!^)(?=[A-Z])/', ' ', $name)), $this->stated()));
    }
}
