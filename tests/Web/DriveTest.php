<?php

declare(strict_types=1);

namespace IronLatch\Tests\Web;

use IronLatch\Core\Board\MosfetLowSide;
use IronLatch\Core\Board\NpnLowSide;
use IronLatch\Storage\OpenBoard;
use IronLatch\Tests\Support\TestBoards;
use Symfony\Component\Process\Process;

final class DriveTest extends BoardTestCase
{
    public function testAValueThatIsOnlyTriedMovesTheDrawingAndMakesNoRevision(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        $before = $this->driveOf($opened);
        $this->browser->request('GET', self::path($opened, 'sketch/baseOhms?step=9'));
        self::assertResponseIsSuccessful();
        $after = $this->page();
        self::assertStringContainsString('56 Ω', $after, 'The tenth value of E12 above 10 Ω.');
        self::assertNotSame($before, $after);
        self::assertSame([1, 470.0], [$this->head($opened)->revision->number(), $this->baseOhms($opened)]);
        $this->browser->request('GET', self::path($opened, 'sketch/gateOhms?step=9'));
        self::assertResponseIsSuccessful('A value that the circuit does not have changes nothing.');
    }

    public function testACircuitIsTakenFromTheOthersAndAStaleOneIsRefused(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        $crawler = $this->browser->request('GET', self::path($opened, 'ways'));
        self::assertResponseIsSuccessful();
        self::assertStringContainsString('sound', $crawler->filter('tbody tr')->first()->text());
        self::assertGreaterThan(9, $crawler->filter('tbody tr')->count());
        $this->browser->request(
            'POST',
            self::path($opened, 'take'),
            ['base' => $opened->revision->id(), 'view' => 'drive', 'way' => 'mosfet:mosfet-2v5'],
            [],
            ['HTTP_HX-Request' => 'true'],
        );
        self::assertResponseIsSuccessful();
        self::assertEquals(new MosfetLowSide('mosfet-2v5', 100.0, 10e3), $this->head($opened)->board->actuator('A1')->driver);
        $this->browser->request(
            'POST',
            self::path($opened, 'take'),
            ['base' => $this->head($opened)->revision->id(), 'view' => 'drive', 'way' => 'npn:nonsense'],
            [],
            ['HTTP_HX-Request' => 'true'],
        );
        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString('This circuit is not on offer any more.', $this->page());
    }

    public function testTheSpreadOfASoundStageHasNoFailingBoardAndAModuleSaysWhyItHasNone(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        $this->browser->request('GET', self::path($opened, 'spread'));
        self::assertMatchesRegularExpression(
            '/>0 of\s+<span class="num">10000<\/span> boards drawn at random do not pull in/',
            $this->page(),
        );
        $this->edit($opened, 'drive-by-module', ['actuators' => ['A1'], 'module' => 'opto-module-low', 'for' => 'A1']);
        self::assertResponseIsSuccessful();
        $this->browser->request('GET', self::path($opened, 'spread'));
        self::assertStringContainsString('known by its currents only', $this->page());
        $this->browser->request('GET', '/boards/' . $opened->record->id() . '/exports/driver:A1');
        self::assertResponseStatusCodeSame(404);
    }

    public function testTheNetlistThatIsHandedOutRunsInNgspice(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        $this->browser->request('GET', '/boards/' . $opened->record->id() . '/exports/driver:A1');
        self::assertResponseHeaderSame('Content-Disposition', 'attachment; filename=driver-a1.cir');
        $file = (string) tempnam(sys_get_temp_dir(), 'latch');
        file_put_contents($file, $this->page());
        $ngspice = new Process(['ngspice', '-b', $file]);
        $ngspice->run();
        unlink($file);
        self::assertSame(0, $ngspice->getExitCode(), $ngspice->getErrorOutput());
        self::assertMatchesRegularExpression(
            '/^\s*out\s+1\.\d+e-01/m',
            $ngspice->getOutput(),
            'The transistor is saturated at the worst corner.',
        );
    }

    public function testTheSchoolsOfTheHouseAreSetAndTakenBack(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        $this->edit(
            $opened,
            'set-house-rules',
            ['forcedGain' => '20', 'supplyLoad' => '0.8', 'longCableMetres' => '1 m', 'drivers' => 'ready modules', 'activeLevel' => 'low'],
        );
        self::assertResponseIsSuccessful();
        self::assertSame(
            'Judge by forced gain ×20, supply load ×0.8 and long cables from 1 m, prefer ready modules, prefer active low',
            $this->head($opened)->revision->summary(),
        );
        $crawler = $this->browser->request('GET', self::path($opened, 'ways'));
        self::assertStringContainsString('Opto relay module', $crawler->filter('tbody tr')->first()->text());
        $this->edit(
            $this->head($opened),
            'set-house-rules',
            ['forcedGain' => '20', 'supplyLoad' => '0.8', 'longCableMetres' => '1 m', 'drivers' => 'either', 'activeLevel' => ''],
        );
        self::assertResponseIsSuccessful();
        self::assertNull($this->head($opened)->board->houseRules->activeLevel);
    }

    public function testTheReckonerKeepsWhatWasWrittenWhenItRefuses(): void
    {
        $crawler = $this->browser->request('GET', '/reckoner/base-resistor?pin=0.5+V&coil=80+mA');
        self::assertResponseStatusCodeSame(422);
        self::assertSame(
            'The pin must be higher than the base–emitter voltage, or no base current flows at all.',
            trim(str_replace('broken', '', $crawler->filter('[role=alert]')->text())),
        );
        self::assertSame(
            ['0.5 V', '80 mA'],
            [$crawler->filter('#base-resistor-pin')->attr('value'), $crawler->filter('#base-resistor-coil')->attr('value')],
        );
        $this->browser->request('GET', '/reckoner/base-resistor?pin=nonsense', [], [], ['HTTP_HX-Request' => 'true']);
        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString('nonsense', $this->page());
        $this->browser->request('GET', '/reckoner');
        self::assertResponseIsSuccessful();
        $this->browser->request('GET', '/reckoner/nothing');
        self::assertResponseStatusCodeSame(404);
    }

    private function driveOf(OpenBoard $opened): string
    {
        $this->browser->request('GET', '/boards/' . $opened->record->id() . '/drive');
        self::assertResponseIsSuccessful();

        return $this->page();
    }

    private function baseOhms(OpenBoard $opened): float
    {
        $driver = $this->head($opened)->board->actuator('A1')->driver;
        self::assertInstanceOf(NpnLowSide::class, $driver);

        return $driver->baseOhms;
    }

    private static function path(OpenBoard $opened, string $what): string
    {
        return '/boards/' . $opened->record->id() . '/drive/A1/' . $what;
    }
}
