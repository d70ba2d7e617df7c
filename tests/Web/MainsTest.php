<?php

declare(strict_types=1);

namespace IronLatch\Tests\Web;

use IronLatch\Core\Board\Edit\Mains\ChooseMains;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\OutletKind;
use IronLatch\Core\Board\RestorePolicy;
use IronLatch\Core\Catalogue\MainsSystem;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Tests\Support\TestBoards;

final class MainsTest extends BoardTestCase
{
    public function testThePathIsDrawnWithItsWeakestPartAndTheCaution(): void
    {
        $opened = $this->shelved(TestBoards::edited(TestBoards::sound(), new StateBox(leadSquareMetres: 0.5e-6)));
        $crawler = $this->browser->request('GET', '/boards/' . $opened->record->id() . '/mains');
        self::assertResponseIsSuccessful();
        self::assertStringContainsString('Isolate and prove dead', $crawler->filter('#main .caution')->text());
        self::assertCount(1, $crawler->filter('.caution'), 'Once on a screen;');
        self::assertCount(1, $crawler->filter('#main .caution.stays'), 'it stays in sight.');
        self::assertStringContainsString('weakest: lead', $crawler->filter('#mains-wires')->text());
        self::assertCount(2, $crawler->filter('.live-path .blade'), 'One contact for each line.');
        self::assertGreaterThan(3, $crawler->filter('.live-path .wire-brown')->count());
        self::assertStringContainsString('protective earth (green-yellow)', $crawler->filter('#main')->text(), 'Colours are named.');
        self::assertCount(0, $crawler->filter('#main .drawer, #main .fact'), 'No form stands under the drawing until something is opened.');
        $crawler = $this->browser->request('GET', '/boards/' . $opened->record->id() . '/mains?open=L1');
        self::assertSame(
            ['Inlet', 'Lead', 'Fuse', 'Wiring inside', 'Least terminal', 'Contact, with its share', 'Wire of this line', 'LED lamp'],
            $crawler->filter('.chain b')->each(static fn($name): string => $name->text()),
        );
        self::assertStringContainsString('Lead', $crawler->filter('.chain .least')->text());
        $this->edit($opened, 'state-conductor', ['lines' => ['L1'], 'conductor' => 'both']);
        $crawler = $this->browser->request('GET', '/boards/' . $opened->record->id() . '/mains?open=L2');
        self::assertCount(3, $crawler->filter('.live-path .blade'));
        self::assertSame('Airer', $crawler->filter('#drawer-title')->text());
    }

    public function testNorthAmericanColoursFollowTheProfile(): void
    {
        $opened = $this->shelved(TestBoards::edited(
            TestBoards::sound(),
            new ChooseMains(TestBoards::part('mains-120', MainsSystem::class)),
        ));
        $crawler = $this->browser->request('GET', '/boards/' . $opened->record->id() . '/mains');
        self::assertCount(0, $crawler->filter('.wire-brown'));
        self::assertGreaterThan(0, $crawler->filter('.wire-white')->count());
        self::assertStringContainsString('brass screw: hot; silver screw: neutral; green screw: ground', $crawler->filter('#main')->text());
    }

    /** What a person types and chooses, one form after the other; what is left empty stays as it was. */
    public function testFormsStateFacts(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        foreach ([
            [
                'state-box',
                [
                    'inlet' => 'fixed wiring',
                    'inletAmps' => '16',
                    'leadSquareMetres' => '1,5 mm²',
                    'innerSquareMetres' => '',
                    'terminalAmps' => '',
                ],
            ],
            ['choose-fuse', ['fuse' => 'fuse-ceramic-10']],
            ['state-track', ['widthMetres' => '6 mm', 'copperMetres' => '70 µm', 'inner' => '0']],
            [
                'state-safety',
                [
                    'lines' => ['L1'],
                    'outlet' => 'outlet with earth',
                    'earthJoined' => '',
                    'restore' => 'as it was',
                    'cutOut' => '',
                    'restSeconds' => '',
                    'snubber' => 'varistor',
                ],
            ],
            ['add-group', ['kind' => 'never on together', 'name' => 'Apart', 'functions' => ['F1', 'F2']]],
            ['interlock-group', ['group' => 'G1', 'byContacts' => '1']],
        ] as [$edit, $fields]) {
            $this->edit($this->head($opened), $edit, $fields);
            self::assertResponseIsSuccessful($edit);
        }
        $board = $this->head($opened)->board;
        self::assertSame(
            [16.0, 1.5e-6, 1e-6, 'fuse-ceramic-10', 6e-3],
            [
                $board->box?->inletAmps?->value,
                $board->box?->leadSquareMetres?->value,
                $board->box?->innerSquareMetres?->value,
                $board->box?->fuse,
                $board->box?->track?->widthMetres,
            ],
        );
        self::assertSame(
            [OutletKind::Earthed, null, RestorePolicy::Last, true],
            [
                $board->lines['L1']->safety?->outlet?->value,
                $board->lines['L1']->safety?->earthJoined,
                $board->lines['L1']->safety?->restore?->value,
                $board->groups['G1']->byContacts?->value,
            ],
        );
        self::assertContains(
            'mains.no-earth L1',
            array_map(
                static fn(NotChecked $one): string => $one->rule->id . ' ' . $one->subject,
                Inspector::withRuleBook()->inspect(new Inspection($board))->notChecked,
            ),
            'An outlet with earth asks for its earth.',
        );
        $this->edit($this->head($opened), 'state-box', ['clearanceMetres' => '20 mm']);
        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString('never shorter than the way through air', $this->page());
    }

    /** The steps of a fan, its tracks, its outlets: what the newer forms send. */
    public function testFormsOfStepsAndOfTheChain(): void
    {
        $opened = $this->shelved(TestBoards::operatedInManyWays());
        foreach ([
            ['state-box', ['branchSquareMetres' => '18 AWG', 'atOnce' => '2']],
            ['state-track', ['widthMetres' => '8 mm', 'copperMetres' => '70 µm', 'tinMetres' => '', 'inner' => '0', 'carriesAll' => '1']],
            [
                'state-safety',
                ['lines' => ['L1', 'L3'], 'outlet' => 'half of a double outlet', 'outletAmps' => '15 A', 'linkRemoved' => '1'],
            ],
            ['fit-step-capacitor', ['group' => 'G1', 'function' => 'F6', 'farads' => '1u5']],
            ['add-step', ['group' => 'G1', 'relays' => ['F6', 'F7']]],
            ['remove-step', ['group' => 'G1', 'number' => '1']],
        ] as [$edit, $fields]) {
            $this->edit($this->head($opened), $edit, $fields);
            self::assertResponseIsSuccessful($edit);
        }
        $board = $this->head($opened)->board;
        self::assertEqualsWithDelta(0.823e-6, $board->box?->branchSquareMetres?->value, 1e-9);
        self::assertSame([2, true], [$board->box?->atOnce?->value, $board->box?->track?->carriesAll?->value]);
        self::assertSame(
            [OutletKind::SplitHalf, 15.0, true],
            [
                $board->lines['L3']->safety?->outlet?->value,
                $board->lines['L3']->safety?->outletAmps?->value,
                $board->lines['L3']->safety?->linkRemoved?->value,
            ],
        );
        self::assertSame([['F7'], ['F6', 'F7']], array_map(static fn($step): array => $step->relays, $board->groups['G1']->steps()));
        $crawler = $this->browser->request('GET', '/boards/' . $opened->record->id() . '/mains?open=wires');
        self::assertStringContainsString('0.823 mm²', (string) $crawler->filter('input[name=branchSquareMetres]')->attr('value'));
        $crawler = $this->browser->request('GET', '/boards/' . $opened->record->id() . '/mains?open=G1');
        self::assertStringContainsString('1–74 % Extractor fan', $crawler->filter('#main')->text());
        $this->edit($this->head($opened), 'remove-step', ['group' => 'G1', 'number' => '9']);
        self::assertResponseStatusCodeSame(422);
    }
}
