<?php

declare(strict_types=1);

namespace IronLatch\Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Which folder may know which: docs/architecture.md, as rules. */
final class Layers
{
    private const CORE = 'IronLatch\Core';

    #[TestRule]
    public function coreKnowsNothingOutsideItself(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace(self::CORE))
            ->canOnlyDependOn()
            ->classes(
                Selector::inNamespace(self::CORE),
                Selector::AllOf(Selector::isStandardClass(), Selector::NoneOf(Selector::implements(\DateTimeInterface::class))),
            );
    }

    #[TestRule]
    public function quantitiesKnowNothingElse(): Rule
    {
        return $this->mayNotKnow(
            'Quantity',
            [
                'Record', 'Catalogue', 'Board', 'Drive', 'Pins', 'Power', 'Mains', 'Control', 'Wiring', 'Build', 'Review', 'Brief',
                'Exchange', 'Layout', 'Log',
            ],
        );
    }

    #[TestRule]
    public function recordsKnowQuantitiesOnly(): Rule
    {
        return $this->mayNotKnow(
            'Record',
            [
                'Catalogue', 'Board', 'Drive', 'Pins', 'Power', 'Mains', 'Control', 'Wiring', 'Build', 'Review', 'Brief', 'Exchange',
                'Layout', 'Log',
            ],
        );
    }

    #[TestRule]
    public function catalogueKnowsNoBoard(): Rule
    {
        return $this->mayNotKnow(
            'Catalogue',
            ['Board', 'Drive', 'Pins', 'Power', 'Mains', 'Control', 'Wiring', 'Build', 'Review', 'Brief', 'Exchange', 'Layout', 'Log'],
        );
    }

    #[TestRule]
    public function boardKnowsNoAnalysis(): Rule
    {
        return $this->mayNotKnow(
            'Board',
            ['Drive', 'Pins', 'Power', 'Mains', 'Control', 'Wiring', 'Build', 'Review', 'Brief', 'Exchange', 'Layout', 'Log'],
        );
    }

    #[TestRule]
    public function driveKnowsNoOtherAnalysis(): Rule
    {
        return $this->mayNotKnow(
            'Drive',
            ['Pins', 'Power', 'Mains', 'Control', 'Wiring', 'Build', 'Review', 'Brief', 'Exchange', 'Layout', 'Log'],
        );
    }

    #[TestRule]
    public function pinsKnowDriveOnly(): Rule
    {
        return $this->mayNotKnow(
            'Pins',
            ['Power', 'Mains', 'Control', 'Wiring', 'Build', 'Review', 'Brief', 'Exchange', 'Layout', 'Log'],
        );
    }

    #[TestRule]
    public function powerKnowsDriveOnly(): Rule
    {
        return $this->mayNotKnow(
            'Power',
            ['Pins', 'Mains', 'Control', 'Wiring', 'Build', 'Review', 'Brief', 'Exchange', 'Layout', 'Log'],
        );
    }

    #[TestRule]
    public function mainsStandsAlone(): Rule
    {
        return $this->mayNotKnow(
            'Mains',
            ['Drive', 'Pins', 'Power', 'Control', 'Wiring', 'Build', 'Review', 'Brief', 'Exchange', 'Layout', 'Log'],
        );
    }

    #[TestRule]
    public function controlKnowsBoardAndMainsOnly(): Rule
    {
        return $this->mayNotKnow(
            'Control',
            ['Drive', 'Pins', 'Power', 'Wiring', 'Build', 'Review', 'Brief', 'Exchange', 'Layout', 'Log'],
        );
    }

    #[TestRule]
    public function wiringKnowsBoardAndDriveOnly(): Rule
    {
        return $this->mayNotKnow(
            'Wiring',
            ['Pins', 'Power', 'Mains', 'Control', 'Build', 'Reckon', 'Review', 'Brief', 'Exchange', 'Layout', 'Log'],
        );
    }

    #[TestRule]
    public function buildKnowsTheWiring(): Rule
    {
        return $this->mayNotKnow('Build', ['Pins', 'Control', 'Reckon', 'Review', 'Brief', 'Exchange', 'Layout', 'Log']);
    }

    #[TestRule]
    public function theReckonerKnowsNoBoard(): Rule
    {
        return $this->mayNotKnow(
            'Reckon',
            ['Board', 'Power', 'Control', 'Wiring', 'Build', 'Review', 'Brief', 'Exchange', 'Layout', 'Log'],
        );
    }

    #[TestRule]
    public function nothingBelowKnowsTheReckoner(): Rule
    {
        return $this->mayNotKnow('Review', ['Reckon']);
    }

    #[TestRule]
    public function reviewKnowsNoFiles(): Rule
    {
        return $this->mayNotKnow('Review', ['Brief', 'Exchange', 'Layout', 'Log']);
    }

    #[TestRule]
    public function briefJudgesBoardsButWritesNone(): Rule
    {
        return $this->mayNotKnow('Brief', ['Reckon', 'Exchange', 'Layout', 'Log']);
    }

    #[TestRule]
    public function exchangeKnowsNothingOfDrafts(): Rule
    {
        return $this->mayNotKnow('Exchange', ['Brief', 'Layout', 'Log']);
    }

    #[TestRule]
    public function programKnowsBoardMainsAndControl(): Rule
    {
        return $this->mayNotKnow(
            'Program',
            ['Drive', 'Pins', 'Power', 'Wiring', 'Build', 'Reckon', 'Review', 'Brief', 'Bench', 'Exchange', 'Layout', 'Log'],
        );
    }

    #[TestRule]
    public function benchKnowsNoFiles(): Rule
    {
        return $this->mayNotKnow('Bench', ['Reckon', 'Brief', 'Exchange', 'Layout', 'Log']);
    }

    /** No analysis and no rule asks what a program would do, or what a bench has seen. */
    #[TestRule]
    public function nothingBelowKnowsProgramOrBench(): Rule
    {
        $below = [
            'Quantity', 'Record', 'Catalogue', 'Board', 'Drive', 'Pins', 'Power', 'Mains', 'Control', 'Wiring', 'Build', 'Reckon',
            'Review', 'Brief',
        ];

        return PHPat::rule()
            ->classes(...array_map(static fn(string $one) => Selector::inNamespace(self::CORE . '\\' . $one), $below))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace(self::CORE . '\Program'), Selector::inNamespace(self::CORE . '\Bench'));
    }

    /**
     * @param list<string> $others
     */
    private function mayNotKnow(string $folder, array $others): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace(self::CORE . '\\' . $folder))
            ->shouldNotDependOn()
            ->classes(...array_map(static fn(string $other) => Selector::inNamespace(self::CORE . '\\' . $other), $others));
    }
}
