<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Brief;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Mains\ChooseFuse;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\Edit\Power\ChooseSupply;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Brief\Draft;
use IronLatch\Core\Brief\DraftRun;
use IronLatch\Core\Brief\SentenceReader;
use IronLatch\Core\Brief\Stock;
use IronLatch\Core\Catalogue\MainsFuse;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\SupplyForm;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Every relay, source and fuse of the catalogue is put onto every draft of a small brief: none makes it cheaper without a fault. And no
 * other combination of choices stands before the one that is offered first.
 */
final class ExhaustiveTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function briefs(): iterable
    {
        foreach ([
            'a lamp, 230 V, in a case, esp32',
            'a lamp, wall switch, 230 V, in a wall box, esp32-c3, esp8266',
            'two lamps, push buttons, 230 V, in a case, esp8266',
            'two heaters 1 kW, wall switches, 230 V, in a case, atmega328p',
            'three fans, network, 230 V, on a rail, esp32-s3, esp32-c3',
            'a pump, a lamp and a fan, 230 V, in a box on a lead, rp2040',
            'a heat belt and a fan, 120 V, in a case, atmega328p',
            'a valve, 12 V, push button, esp32-c3, esp8266',
            'two aquarium lights, an aquarium heater, network, 230 V, in a case, esp8266',
            'three lamps, a remote, 230 V, in a case, atmega328p, rp2040',
        ] as $sentence) {
            yield $sentence => [$sentence];
        }
    }

    #[DataProvider('briefs')]
    public function testNoOtherPartIsCheaperAndSound(string $sentence): void
    {
        $catalogue = TestBoards::catalogue();
        $run = new DraftRun(SentenceReader::read($sentence)->brief, $catalogue, new Stock());
        $best = null;
        $tried = 0;
        foreach (array_keys($run->space->all) as $place) {
            $draft = $run->at($place);
            if (!$draft instanceof Draft) {
                continue;
            }
            $best = null === $best || $draft->figures->rank() < $best->figures->rank() ? $draft : $best;
            foreach ($draft->figures->faults + $draft->figures->weak > 0 ? [] : self::cheaper($draft->board) as $edit) {
                ++$tried;
                self::assertFalse(self::isSound($draft->board, $edit), $draft->figures->words . ': ' . $edit->summary($draft->board));
            }
        }
        self::assertNotNull($best);
        self::assertSame($best->figures->choices, $run->all()->offered()[0]->choices);
        self::assertSame(!str_contains($sentence, '12 V'), $tried > 0, 'Something cheaper is on offer, but for the bus that is there.');
    }

    /**
     * Other relays, sources and fuses of the same kind that cost less, or as much at a lower rating.
     *
     * @return iterable<Edit>
     */
    private static function cheaper(Board $board): iterable
    {
        $relays = array_map(strval(...), array_keys($board->actuators()));
        $relay = $board->relay(array_values($board->actuators())[0]);
        foreach (TestBoards::catalogue()->parts(Relay::class) as $other) {
            if ($other->price < $relay->price && $other->isPlain()) {
                yield new ChooseRelay($relays, $other);
            }
        }
        $source = $board->feeder('R1');
        foreach (TestBoards::catalogue()->parts(Supply::class) as $other) {
            $isAlike = $source instanceof Supply && $other->form === $source->form && SupplyForm::Bus !== $other->form;
            if ($isAlike && $other->price < $source->price) {
                yield new ChooseSupply('R1', $other);
            }
        }
        $fuse = null === $board->box?->fuse ? null : $board->part($board->box->fuse, MainsFuse::class);
        foreach (TestBoards::catalogue()->parts(MainsFuse::class) as $other) {
            if (null !== $fuse && $other->price < $fuse->price) {
                yield new ChooseFuse($other);
            }
        }
    }

    /** Neither danger nor broken nor weak: what the drafter asks of its own choice. */
    private static function isSound(Board $board, Edit $edit): bool
    {
        try {
            // Nobody has said that the low-voltage side is out of reach: it is taken as touchable.
            $after = $edit->apply($board->system()->isDirect() ? $board : (new StateBox(touchable: true))->apply($board));
        } catch (EditRefused|\InvalidArgumentException) {
            return false;
        }
        $report = Inspector::withRuleBook()->inspect(new Inspection($after, TestBoards::catalogue()));

        return [] === array_filter(
            $report->findings,
            static fn(Finding $one): bool => $one->counts() && Severity::Hint !== $one->severity && !self::isOfThePlan($one),
        );
    }

    /** Another size has to be placed anew; that alone does not make it unfit. */
    private static function isOfThePlan(Finding $finding): bool
    {
        return str_starts_with($finding->rule->id, 'board.');
    }
}
