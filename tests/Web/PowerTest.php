<?php

declare(strict_types=1);

namespace IronLatch\Tests\Web;

use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\Edit\Power\ChooseSupply;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Storage\OpenBoard;
use IronLatch\Tests\Support\TestBoards;
use Symfony\Component\DomCrawler\Crawler;
use Symfony\Component\Process\Process;

final class PowerTest extends BoardTestCase
{
    public function testThePageShowsEveryRailWithItsNumbersAndTheScenarioThatIsChosen(): void
    {
        $opened = $this->shelved(TestBoards::edited(
            TestBoards::sound(),
            new AddRail('12 V', TestBoards::part('adapter-12v-1a', Supply::class)),
        ));
        $crawler = $this->browser->request('GET', '/boards/' . $opened->record->id() . '/power?open=R2.off');
        self::assertResponseIsSuccessful();
        self::assertSame(
            ['5 V', '12 V'],
            $crawler->filter('.rails-table tbody th a')->each(static fn(Crawler $link): string => $link->text()),
        );
        self::assertSame('All off', $crawler->filter('.scenarios a[aria-current]')->text());
        self::assertSame('Rail 12 V', $crawler->filter('#drawer-title')->text());
        self::assertStringContainsString(
            'the plug is centre positive',
            $crawler->filter('#main')->text(),
            'What is not stated asks for it.',
        );
        $crawler = $this->browser->request('GET', '/boards/' . $opened->record->id() . '/power?open=heat');
        self::assertStringContainsString('Regulator of the carrier', $crawler->filter('.drawer')->text());
    }

    public function testARailIsFollowedOverTimeAndACapacitanceOnlyTried(): void
    {
        $opened = $this->shelved(TestBoards::edited(
            TestBoards::withLines(8),
            new ChooseSupply('R1', TestBoards::part('module-5v-3w', Supply::class)),
        ));
        $lowest = function (string $query) use ($opened): float {
            $this->browser->request('GET', self::path($opened, 'waveform?' . $query));
            self::assertResponseIsSuccessful();
            self::assertSame(1, preg_match('/Lowest <span class="num">([\d.]+) (m?)V/', $this->page(), $match));

            return (float) $match[1] / ('m' === $match[2] ? 1000 : 1);
        };
        self::assertLessThan($lowest('corner=typical'), $lowest('corner=worst'));
        self::assertLessThan($lowest('step=12'), $lowest('step=2'));
        self::assertSame(1, $this->head($opened)->revision->number());
        self::assertSame(0.0, $lowest('event=cold-start'));
        self::assertLessThan(1.0, $lowest('event=0.5&corner=typical'));
        $lowest('event=nonsense&step=99');
    }

    public function testTheNetlistOfARailRunsInNgspice(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        foreach (['pull-in', 'cold-start', '0.1'] as $event) {
            $this->browser->request('GET', '/boards/' . $opened->record->id() . '/exports/rail:R1?event=' . $event);
            self::assertResponseIsSuccessful();
            self::assertStringStartsWith('* Rail 5 V of Bare, ' . $event, $this->page());
            $process = new Process(['ngspice', '-b', '/dev/stdin'], input: str_replace('.end', ".print tran v(rail)\n.end", $this->page()));
            $process->mustRun();
            self::assertStringContainsString('No. of Data Rows', $process->getOutput());
        }
    }

    public function testASupplyIsFoundAndTaken(): void
    {
        $opened = $this->shelved(TestBoards::edited(
            TestBoards::withLines(8),
            new ChooseSupply('R1', TestBoards::part('module-5v-3w', Supply::class)),
        ));
        $crawler = $this->browser->request('GET', self::path($opened, 'offers?open=R1.on'));
        self::assertResponseIsSuccessful();
        $first = $crawler->filter('tbody tr')->first();
        self::assertStringContainsString('sound', $first->text());
        $form = $first->filter('form')->form();
        $this->browser->request('POST', $form->getUri(), $form->getPhpValues(), [], ['HTTP_HX-Request' => 'true']);
        self::assertResponseIsSuccessful();
        self::assertStringContainsString('aria-current="true">All on', $this->page(), 'The scenario stays.');
        self::assertNotSame('module-5v-3w', $this->head($opened)->board->rails['R1']->supply);
        self::assertNull(Inspector::withRuleBook()->inspect(new Inspection($this->head($opened)->board))
            ->finding('power.supply-overloaded:R1'));
        $this->browser->request('GET', '/boards/' . $opened->record->id() . '/power/R9/offers');
        self::assertResponseStatusCodeSame(404);
    }

    /** What a person types into each form, and what comes of it. */
    public function testFormsChangeRailsDevicesAndHours(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        foreach ([
            ['run-cable', ['rail' => 'R1', 'metres' => '3', 'squareMetres' => '0,75 mm²']],
            ['state-reservoir', ['rail' => 'R1', 'farads' => '470u', 'esrOhms' => '0.1']],
            ['protect-rail', ['rail' => 'R1', 'protection' => 'tvs-6v']],
            ['attach-device', ['device' => 'small-display', 'name' => 'Display', 'rail' => 'R1', 'function' => '']],
            ['shift-level', ['device' => 'D1']],
            ['shift-level', ['device' => 'D1', 'shifted' => '0']],
            ['state-box', ['lengthMetres' => '16 cm', 'widthMetres' => '120 mm', 'heightMetres' => '75 mm']],
            ['state-inner-memory', ['has' => '1']],
            ['state-drive-strength', ['raised' => '0']],
            ['state-hours', ['lines' => ['L1'], 'hours' => '2.5']],
            ['hold-coils', ['actuators' => ['A1'], 'ratio' => '0.6']],
            ['add-scenario', ['name' => 'Evening', 'lines' => ['L1'], 'radioSends' => '1']],
            ['state-usb-together', ['together' => '0']],
        ] as [$edit, $fields]) {
            $this->edit($this->head($opened), $edit, $fields);
            self::assertResponseIsSuccessful($edit);
        }
        $board = $this->head($opened)->board;
        self::assertFalse($board->devices['D1']->shifted);
        self::assertSame([true, false], [$board->mcu->innerMemory?->value, $board->program->driveRaised?->value]);
        self::assertSame([0.16, 0.12, 0.075], $board->box?->size());
        self::assertSame(
            [3.0, 0.75e-6, 470e-6, ['tvs-6v']],
            [
                $board->rails['R1']->cable?->metres,
                $board->rails['R1']->cable?->squareMetres,
                $board->rails['R1']->reservoir()->value,
                $board->rails['R1']->protection,
            ],
        );
        self::assertSame(
            ['R1', 2.5, 0.6, true, false],
            [
                $board->devices['D1']->rail,
                $board->lines['L1']->hoursPerDay?->value,
                $board->actuator('A1')->holdRatio,
                $board->scenarios['P1']->radioSends,
                $board->mcu->usbTogether?->value,
            ],
        );
        $this->edit($this->head($opened), 'run-cable', ['rail' => 'R1', 'metres' => '300 m', 'squareMetres' => '1 mm²']);
        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString('A low-voltage cable is between 0 and 100 m long.', $this->page());
    }

    private static function path(OpenBoard $opened, string $what): string
    {
        return '/boards/' . $opened->record->id() . '/power/R1/' . $what;
    }
}
