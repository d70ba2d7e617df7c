<?php

declare(strict_types=1);

namespace IronLatch\Tests\Web;

use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\Edit\Build\StateBuild;
use IronLatch\Tests\Support\TestBoards;
use IronLatch\Tests\Support\WiredBoards;
use Symfony\Component\DomCrawler\Crawler;

/** The stage Board: what it shows at each step, and the papers beside the boards. */
final class BuildTest extends BoardTestCase
{
    public function testItLeadsFromNothingToAPlan(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        $id = $opened->record->id();
        self::assertStringContainsString('No plan yet', $this->view($id)->filter('#build-plan')->text());
        $this->post($id, 'edits', ['edit' => 'state-build', 'form' => BuildForm::CarrierBoard->value]);
        self::assertStringContainsString('No box yet', $this->view($id)->filter('#build-plan')->text());
        $this->post($id, 'place', ['anew' => '1']);
        self::assertStringContainsString(
            'State how it is built and which box it lies in first.',
            (string) $this->browser->getResponse()->getContent(),
        );
        $this->post($id, 'edits', ['edit' => 'choose-enclosure', 'enclosure' => 'sealed-240-190-90']);
        self::assertSame('Place all parts', $this->view($id)->filter('#place-rest button')->text());
        $this->post($id, 'place', []);
        $plan = $this->view($id, 'plan.K11');
        self::assertCount(19, $plan->filter('svg.plan a.piece'));
        self::assertCount(2, $plan->filter('svg.plan a.piece.lit'), 'Both relays are bought together.');
        self::assertStringContainsString('29 × 12.7 mm', $plan->filter('#build-drawer')->text());
        self::assertStringContainsString('stand-off with screws', $plan->filter('#build-parts')->text());
        $this->post(
            $id,
            'edits',
            ['edit' => 'place-part', 'designator' => 'K11', 'at' => ['xMetres' => '31.5 mm', 'yMetres' => '1 cm', 'quarters' => '2']],
        );
        $at = $this->head($opened)->board->build->places['K11'];
        self::assertEqualsWithDelta([31.5e-3, 10e-3, 2], [$at->xMetres, $at->yMetres, $at->quarters], 1e-12);
        $this->post($id, 'edits', ['edit' => 'place-part', 'designator' => 'K11']);
        self::assertSame('Place the other 1', $this->view($id)->filter('#place-rest button')->text());
        $this->post($id, 'edits', ['edit' => 'place-part', 'designator' => 'K11', 'at' => ['xMetres' => '9 m', 'yMetres' => '0 mm']]);
        self::assertSame(422, $this->browser->getResponse()->getStatusCode());
    }

    public function testEveryTabAnswers(): void
    {
        $id = $this->shelved(WiredBoards::demos()['utility-room'])->record->id();
        self::assertStringContainsString('Boiler cupboard vent', $this->view($id, 'lines')->filter('main')->text());
        self::assertCount(5, $this->view($id, 'forms')->filter('table thead th'));
        self::assertStringContainsString('as stated', $this->view($id, 'forms')->filter('table thead')->text());
        self::assertStringContainsString('soldered by hand', $this->view($id, 'order')->filter('main')->text());
        $this->browser->request('GET', '/boards/' . $id . '/exports/plan');
        $svg = (string) $this->browser->getResponse()->getContent();
        // A box of 232 × 182 mm with its margin, in true millimetres.
        self::assertStringContainsString('width="248mm"', $svg);
        self::assertStringContainsString('50 mm', $svg);
        self::assertNotFalse(simplexml_load_string($svg));
    }

    public function testMoneyIsTypedAndShownInTheCurrencyOfTheShelf(): void
    {
        $this->browser->request('POST', '/prices/currency', ['sign' => '£', 'rate' => '0.8']);
        self::assertSame(303, $this->browser->getResponse()->getStatusCode());
        $opened = $this->shelved((new StateBuild(form: BuildForm::CarrierBoard))->apply(TestBoards::sound()));
        $id = $opened->record->id();
        foreach (['40 £' => 50.0, '20' => 25.0, '30 €' => 30.0, '8,40£' => 10.5] as $typed => $euros) {
            $this->post($id, 'edits', ['edit' => 'state-build', 'mostEuros' => (string) $typed]);
            self::assertEqualsWithDelta($euros, $this->head($opened)->board->build->mostEuros?->value, 1e-9, (string) $typed);
        }
        self::assertSame('8.40 £', $this->view($id)->filter('#state-build-mostEuros')->attr('value'));
        self::assertStringContainsString(
            'it may cost 10.50 €',
            $this->view($id)->filter('#tray')->text(),
            'A finding travels with the board: in euros.',
        );
        $this->browser->request('POST', '/prices/currency', ['sign' => 'a b', 'rate' => '0.8']);
        self::assertSame(422, $this->browser->getResponse()->getStatusCode());
        $this->browser->request('POST', '/prices/currency', ['sign' => '$', 'rate' => 'much']);
        self::assertStringContainsString('such as 0.86', (string) $this->browser->getResponse()->getContent());
    }

    public function testPapersAreKeptOrRefusedWithWhatWasTyped(): void
    {
        $page = $this->keep('prices', "part,price\nreinforced-5v,1");
        self::assertSame('1 price replaces the shipped one.', $page->filter('#prices-title + p')->text());
        $id = $this->shelved(WiredBoards::demos()['utility-room'])->record->id();
        self::assertStringContainsString('1.00 €', $this->view($id)->filter('#build-parts')->text());
        $refused = $this->keep('prices', "part,price\nreinforced-5v,dear");
        self::assertStringContainsString('Row 2: “dear” is no price.', $refused->filter('#notice')->text());
        self::assertStringContainsString('dear', $refused->filter('#prices')->text());
        $page = $this->keep('drawer', '3 × 10 kΩ');
        self::assertSame('1 kind of parts lies in it.', $page->filter('#drawer-title + p')->text());
        $page = $this->keep('drawer', '');
        self::assertSame('Nothing lies in it yet.', $page->filter('#drawer-title + p')->text());
        $this->browser->request('POST', '/prices', ['paper' => 'wishes', 'text' => 'x']);
        self::assertSame(422, $this->browser->getResponse()->getStatusCode());
        self::assertStringContainsString(
            'more than 500 kB',
            $this->keep('drawer', str_repeat("1 × nut\n", 60_000))->filter('#notice')->text(),
        );
    }

    private function keep(string $paper, string $text): Crawler
    {
        $this->browser->request('POST', '/prices', ['paper' => $paper, 'text' => $text]);

        return $this->browser->getResponse()->isRedirection() ? $this->browser->followRedirect() : $this->browser->getCrawler();
    }

    /**
     * @param array<string, mixed> $fields
     */
    private function post(string $id, string $what, array $fields): void
    {
        $page = $this->view($id);
        $this->browser->request('POST', '/boards/' . $id . '/' . $what, [
            'base' => (string) $page->filter('input[name=base]')->first()->attr('value'),
            'view' => 'build',
            ...$fields,
        ]);
    }

    private function view(string $id, string $open = ''): Crawler
    {
        return $this->browser->request('GET', '/boards/' . $id . '/build', '' === $open ? [] : ['open' => $open]);
    }
}
