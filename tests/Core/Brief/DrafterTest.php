<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Brief;

use IronLatch\Core\Board\BaseMaterial;
use IronLatch\Core\Board\Brief;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\House\StatePlace;
use IronLatch\Core\Board\Edit\Lines\DescribeAppliance;
use IronLatch\Core\Board\Edit\Lines\StateLoad;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Power\StateAmbient;
use IronLatch\Core\Board\InletKind;
use IronLatch\Core\Board\NeutralHere;
use IronLatch\Core\Board\OutletKind;
use IronLatch\Core\Board\RestorePolicy;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Board\Wanted;
use IronLatch\Core\Brief\Choices;
use IronLatch\Core\Brief\Draft;
use IronLatch\Core\Brief\DraftRun;
use IronLatch\Core\Brief\Drafts;
use IronLatch\Core\Brief\Stock;
use IronLatch\Core\Brief\Words;
use IronLatch\Core\Build\PartsList;
use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Core\Review\OpenFact;
use IronLatch\Core\Review\OpenFacts;
use IronLatch\Core\Review\Report;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** Briefs of many kinds come to boards that their makers would have built; or to the reason why none does. */
final class DrafterTest extends TestCase
{
    /**
     * @param array<string, string> $first
     */
    #[DataProviderExternal(Briefs::class, 'all')]
    public function testTheFirstDraftIsWhatItsMakerWouldBuild(string $sentence, array $first, string $reason = ''): void
    {
        self::assertSame([], Briefs::brief($sentence)->notUnderstood);
        $drafts = self::drafted($sentence)[1];
        if ('' !== $reason) {
            self::assertSame([], $drafts->offered());
            self::assertMatchesRegularExpression($reason, $drafts->whyNoneIsSound());

            return;
        }
        $best = $drafts->offered()[0];
        self::assertSame('', $drafts->whyNoneIsSound());
        foreach ($first as $what => $pattern) {
            $words = ['decided' => implode('; ', $best->decided), 'missed' => implode('; ', $best->missed), 'box' => $best->box,
                'feeding' => $best->feeding, 'carrier' => $best->carrier, 'form' => $best->form, 'school' => $best->school];
            self::assertMatchesRegularExpression($pattern, $words[$what], $what);
        }
        self::assertTrue($best->isSound());
    }

    /** What a card says is what the board is: findings, price, and the file that it becomes. */
    #[DataProviderExternal(Briefs::class, 'all')]
    public function testACardSaysWhatItsBoardIs(string $sentence): void
    {
        [$run, $drafts] = self::drafted($sentence);
        foreach ($drafts->byKind(false) as [$figures, $kinds]) {
            $draft = $run->named($figures->choices);
            $board = BoardJson::read(BoardJson::write($draft->board));
            $inspection = new Inspection($board, TestBoards::catalogue());
            $report = Inspector::withRuleBook()->inspect($inspection);
            $faults = array_filter($report->findings, static fn(Finding $one): bool => $one->counts()
                && in_array($one->severity, [Severity::Danger, Severity::Broken], true));
            self::assertCount($figures->faults, $faults, $figures->words);
            self::assertSame(0, $figures->faults, $figures->firstFault);
            self::assertEqualsWithDelta(PartsList::of($board, $inspection->connections())->knownEuros(), $figures->euros, 1e-9);
            self::assertSame($figures->parts, $inspection->partsList()->count());
            self::assertCount(count($board->functions), $board->seats, 'Every function sits on a pin.');
            self::assertNotSame([], $kinds);
            self::assertCount($figures->open, OpenFacts::of($report));
        }
        self::assertSame([] === $drafts->offered(), [] === $drafts->byKind(false));
    }

    /** What can only be found out or promised is left to the maker: no draft states any of it. */
    #[DataProviderExternal(Briefs::class, 'all')]
    public function testNoDraftStatesWhatNobodySaid(string $sentence): void
    {
        self::assertSame([], self::drafted($sentence)[2]);
    }

    public function testTheSameBriefGivesTheSameDrafts(): void
    {
        $sentence = 'two lamps, a heater, network, 230 V, in a case';
        self::assertEquals(self::run_($sentence)->all(), self::run_($sentence)->all());
    }

    /** What the brief says of the house stands on the board as stated. */
    public function testWhatTheMakerSaidStandsOnTheBoard(): void
    {
        $draft = self::run_('a lamp 9 W, wall switches 8 m away, 230 V, in a case, breaker 10 A, a neutral, air of 35 °C, under 90')->at(0);
        self::assertInstanceOf(Draft::class, $draft);
        $place = $draft->board->places[$draft->board->boxPlace()];
        self::assertSame(10.0, $place->breakerAmps?->value);
        self::assertSame(35.0, $draft->board->ambient->value);
        self::assertTrue($draft->board->ambient->isStated());
        self::assertSame(90.0, $draft->board->build->mostEuros?->value);
        self::assertSame(9.0, array_values($draft->board->lines)[0]->watts->value);
        self::assertSame(8.0, $draft->board->functions['F2']->cableMetres->value);
        self::assertSame([['L1']], array_map(static fn($row): array => $row->lines, $draft->board->brief->appliances ?? []));
        self::assertStringContainsString('Drafted from the brief', $draft->summary());
        self::assertStringContainsString('off after a power cut', $draft->summary());
    }

    /** How mains comes and what hangs on it follows from a wall box, a rail or a lead; a case tells neither. */
    public function testOnlyAPlaceThatTellsDecidesInletAndOutlets(): void
    {
        $wired = static function (string $home): array {
            $draft = self::run_('a lamp, 230 V, ' . $home)->at(0);
            self::assertInstanceOf(Draft::class, $draft);
            $open = array_map(static fn(OpenFact $one): string => $one->key(), OpenFacts::of(self::report($draft)));

            return [
                $draft->board->box?->inlet?->value,
                array_values($draft->board->lines)[0]->safety?->outlet?->value,
                in_array('StateBox.inlet', $open, true),
                in_array('StateSafety.outlet', $open, true),
            ];
        };
        self::assertSame([InletKind::Fixed, OutletKind::Fixed, false, false], $wired('in a wall box'));
        self::assertSame([InletKind::Fixed, OutletKind::Fixed, false, false], $wired('on a rail'));
        self::assertSame([null, OutletKind::Earthed, true, false], $wired('in a box on a lead'));
        self::assertSame([null, null, true, true], $wired('in a case'));
    }

    /** A neutral that reaches it may be of another circuit; a lead brings its own whatever the wall lacks. */
    public function testWhoseANeutralIsStaysOpen(): void
    {
        $feedings = static fn(string $words): array => array_values(array_unique(array_map(
            static fn(Choices $one): string => $one->feeding->name,
            self::run_('a lamp, 230 V, ' . $words)->space->all,
        )));
        self::assertSame(['Module5', 'Module12'], $feedings('a neutral, in a wall box'));
        self::assertSame(['Module5', 'Module12'], $feedings('no neutral, in a box on a lead'));
        self::assertSame(['Adapter5', 'Adapter12'], $feedings('no neutral, in a case'));
        self::assertSame(['Adapter5', 'Adapter12'], $feedings('no neutral'));
    }

    /** More is checked of an appliance that nobody has described than of one that is known to be harmless. */
    public function testOfAnUnknownApplianceTheCautiousSideIsTaken(): void
    {
        $draft = self::run_('a resistive load 500 W, network, 230 V')->at(0);
        self::assertInstanceOf(Draft::class, $draft);
        $line = array_values($draft->board->lines)[0];
        $load = $draft->board->appliance($line);
        self::assertSame([true, true, true, true], [$load->mustNotSelfStart, $load->earthed, $load->heats, $load->wet]);
        self::assertSame(RestorePolicy::Off, $line->safety?->restore?->value);
        self::assertStringContainsString('makes heat and may not start by itself, until you describe it', $draft->summary());
    }

    public function testWhatMustNotStartDoesNotComeBackByItself(): void
    {
        $brief = new Brief([new Wanted(1, 'Pump', 'sump-pump', mayStart: false, mustComeBack: true)], mains: 'mains-230');
        $draft = (new DraftRun($brief, TestBoards::catalogue(), new Stock()))->at(0);
        self::assertInstanceOf(Draft::class, $draft);
        self::assertSame(RestorePolicy::Off, array_values($draft->board->lines)[0]->safety?->restore?->value);
    }

    /** Every carrier of the catalogue has a word, and every sensor that has one comes onto the board. */
    public function testNoWordIsMissingAndNoneIsEmpty(): void
    {
        $carriers = array_keys(TestBoards::catalogue()->parts(Carrier::class));
        self::assertEqualsCanonicalizing($carriers, array_values(array_unique(array_merge(...array_values(Words::CONTROLLERS)))));
        $sensors = array_unique(Words::SENSORS);
        $board = self::run_('a lamp, wall switch, esp32, 230 V, ' . implode(', ', array_keys($sensors)))->at(0);
        self::assertInstanceOf(Draft::class, $board);
        self::assertCount(2 + count($sensors), $board->board->functions);
    }

    /** A channel that is there serves a way by which its lines are called; a long list of names is cut for the board. */
    public function testWhatIsThereIsUsedAndNamesFit(): void
    {
        $brief = new Brief([
            new Wanted(2, str_repeat('a', 100), 'led-lamp', by: [SurfaceKind::ServiceEntry]),
            new Wanted(1, str_repeat('b', 100), 'led-lamp'),
            new Wanted(2, str_repeat('a', 100), 'vent-fan', by: [SurfaceKind::ServiceEntry]),
        ], [SurfaceKind::NetworkTopic]);
        $draft = (new DraftRun($brief, TestBoards::catalogue(), new Stock()))->at(0);
        self::assertInstanceOf(Draft::class, $draft);
        $board = $draft->board;
        self::assertSame(120, mb_strlen($board->name));
        self::assertCount(5, array_unique(array_map(static fn($line): string => $line->name, $board->lines)));
        $profiles = array_map(static fn($channel): string => $channel->profile, array_values($board->channels));
        self::assertEqualsCanonicalizing(['message-broker', 'numbered-service'], $profiles);
    }

    public function testReservesAreKept(): void
    {
        $free = static fn(string $sentence): int => self::run_($sentence)->all()->offered()[0]->freePins;
        self::assertGreaterThanOrEqual(9, $free('two lamps, 230 V, in a case, nine free pins'));
        $draft = self::run_('four lamps, esp32, own driver circuits, 230 V, in a case, eight spare relays')->at(0);
        self::assertInstanceOf(Draft::class, $draft);
        // Four coils of 71 mA and a radio want 1 A; with eight more it is 2 A.
        self::assertStringContainsString('5 V, 10 W', implode('; ', $draft->figures->decided));
    }

    public function testAnApplianceThatNobodyDescribedIsAskedFor(): void
    {
        $this->expectException(\InvalidArgumentException::class);
        $this->expectExceptionMessage('What “Motor” is, no catalogue says.');
        self::run_('a motor, 230 V')->all();
    }

    public function testADraftThatIsNotThereIsNotTaken(): void
    {
        $this->expectException(\InvalidArgumentException::class);
        self::run_('a lamp, 230 V')->named('abacus.transistor.module5.carrierboard');
    }

    /**
     * @return array{DraftRun, Drafts, list<string>} with what any of its drafts states of what nobody said
     */
    private static function drafted(string $sentence): array
    {
        /** @var array<string, array{DraftRun, Drafts, list<string>}> $known */
        static $known = [];
        if (!isset($known[$sentence])) {
            $run = self::run_($sentence);
            $found = array_map($run->at(...), array_keys($run->space->all));
            $drafts = array_filter($found, static fn(Draft|string $one): bool => $one instanceof Draft);
            $known[$sentence] = [$run, Drafts::found($run->space, $found), array_merge(...array_map(self::physical(...), $drafts))];
        }

        return $known[$sentence];
    }

    /**
     * @return list<string> what a draft states though it can only be found out or promised
     */
    private static function physical(Draft $draft): array
    {
        $saidByTheMaker = [StatePlace::class, StateLoad::class, StateAmbient::class, DescribeAppliance::class];
        $stated = array_filter(
            $draft->edits,
            static fn(Edit $edit): bool => Nature::Choice !== Nature::of($edit) && !in_array($edit::class, $saidByTheMaker, true),
        );
        $box = $draft->board->box;
        $place = $draft->board->places[$draft->board->boxPlace()];
        $facts = array_filter([
            $box?->clearanceMetres, $box?->overvoltage, $box?->touchable, $box?->oneCircuit, $box?->switchesFreed, $place->residual,
            $place->dimmer, $draft->board->build->rowsMeasured, $draft->board->build->fixed,
            BaseMaterial::Metal === $box?->enclosure?->value ? null : $box?->enclosure,
            NeutralHere::None === $place->neutral?->value ? null : $place->neutral,
        ]);
        $build = $draft->board->build;
        $brief = $draft->board->brief;
        $facts = [...array_values($facts), ...array_filter([
            $brief?->mostEuros?->value === $build->mostEuros?->value ? null : $build->mostEuros,
            $brief?->mostLengthMetres?->value === $build->mostLengthMetres?->value ? null : $build->mostLengthMetres,
            $brief?->mostWidthMetres?->value === $build->mostWidthMetres?->value ? null : $build->mostWidthMetres,
            $brief?->mostDifferent?->value === $build->mostDifferent?->value ? null : $build->mostDifferent,
        ])];

        return [
            ...array_map(static fn(Edit $edit): string => $edit->summary($draft->board), array_values($stated)),
            ...array_map(static fn($fact): string => 'stated: ' . $draft->figures->words, $facts),
        ];
    }

    private static function report(Draft $draft): Report
    {
        return Inspector::withRuleBook()->inspect(new Inspection($draft->board, TestBoards::catalogue()));
    }

    private static function run_(string $sentence): DraftRun
    {
        return new DraftRun(Briefs::brief($sentence), TestBoards::catalogue(), Briefs::stock($sentence));
    }
}
