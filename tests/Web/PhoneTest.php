<?php

declare(strict_types=1);

namespace IronLatch\Tests\Web;

use IronLatch\Demo\DemoFiles;
use IronLatch\Entity\May;
use IronLatch\Entity\PhoneGate;
use IronLatch\Http\Door;
use IronLatch\Http\DoorKeeper;
use IronLatch\Phone\Devices;
use IronLatch\Storage\OpenBoard;
use IronLatch\Storage\Restore;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\BrowserKit\Cookie;
use Symfony\Component\Clock\Test\ClockSensitiveTrait;
use Symfony\Component\HttpFoundation\Request;

/** A phone at the bench, and whoever in the same network is none. */
final class PhoneTest extends BoardTestCase
{
    use ClockSensitiveTrait;

    private const HOST = '192.168.1.5:8042';
    private const DOOR = 'http://' . self::HOST;

    private OpenBoard $opened;
    private Devices $devices;

    protected function setUp(): void
    {
        parent::setUp();
        $demos = self::getContainer()->get(DemoFiles::class);
        $this->opened = $this->shelved($demos->all()['utility-room']);
        $devices = self::getContainer()->get(Devices::class);
        $this->devices = $devices;
        self::mockTime('2026-03-14 12:00:00');
    }

    protected function tearDown(): void
    {
        parent::tearDown();
        Request::setTrustedHosts([]);
    }

    /**
     * Asks by the door for phones.
     *
     * @param array<string, mixed> $fields
     * @param array<string, string> $server
     */
    private function ask(string $path, ?array $fields = null, ?string $cookie = null, array $server = [], string $host = self::HOST): int
    {
        $this->browser->getCookieJar()->clear();
        if (null !== $cookie) {
            $this->browser->getCookieJar()->set(new Cookie(DoorKeeper::COOKIE, $cookie, domain: explode(':', $host)[0]));
        }
        $this->browser->request(null === $fields ? 'GET' : 'POST', 'http://' . $host . $path, $fields ?? [], [], [
            Door::PHONE => self::DOOR,
            'REMOTE_ADDR' => '192.168.1.77',
            ...null === $fields ? [] : ['HTTP_ORIGIN' => self::DOOR],
            ...$server,
        ]);

        return $this->browser->getResponse()->getStatusCode();
    }

    private function paired(May $may = May::Everything): string
    {
        $cookie = $this->devices->pair($this->devices->newCode($may), 'phone');
        self::assertNotNull($cookie);

        return $cookie;
    }

    private function gate(): PhoneGate
    {
        return $this->devices->gate() ?? self::fail();
    }

    public function testNothingIsGivenUnpairedAndNoRefusalSaysWhatIsThere(): void
    {
        $base = '/boards/' . $this->opened->record->id();
        $answers = [];
        foreach (['/', $base, $base . '/lines', $base . '/board.json', '/boards/00000000-0000-4000-8000-000000000000/lines', '/nowhere',
            '/build/manifest.json', '/build/../.env', '/phone', '/%70air', '/pair/', '//pair', '/index.php'] as $path) {
            self::assertSame(303, $this->ask($path), $path);
            $answers[] = [$this->page(), $this->browser->getResponse()->headers->get('Location')];
            self::assertSame('', $this->page());
        }
        self::assertCount(1, array_unique($answers, SORT_REGULAR));
        foreach (['/backup', '/boards', $base . '/remove', $base . '/edits', '/nowhere', '/phone/code', '/phone/out'] as $path) {
            self::assertSame(403, $this->ask($path, ['name' => 'x']), $path);
            self::assertSame('', $this->page());
        }
        self::assertSame(200, $this->ask('/pair'));
        self::assertStringNotContainsString('Utility', $this->page());
        self::assertStringNotContainsString('/build/', $this->page());
        $policy = (string) $this->browser->getResponse()->headers->get('Content-Security-Policy');
        self::assertStringContainsString("default-src 'none'", $policy);
        self::assertCount(1, $this->store->shelf());
        // Odd things at the page itself.
        $code = $this->devices->newCode(May::Bench);
        $odd = [['code' => ['x']], ['code' => $code, 'name' => ['x']], ['code' => str_repeat('9', 100_000)], ['code' => "\xff"]];
        foreach ($odd as $fields) {
            self::assertContains($this->ask('/pair', $fields), [400, 403]);
        }
        self::assertSame(403, $this->ask('/pair', ['code' => $code], null, ['HTTP_ORIGIN' => 'http://evil.example']));
        self::assertSame('', $this->page());
        $this->browser->request('PUT', self::DOOR . '/pair', [], [], [Door::PHONE => self::DOOR]);
        self::assertSame([403, ''], [$this->browser->getResponse()->getStatusCode(), $this->page()]);
        self::assertSame([], $this->devices->all());
    }

    public function testTheUsualPortNeedNotBeNamed(): void
    {
        $ask = function (string $door, string $url): int {
            $this->browser->request('GET', $url . '/pair', [], [], [Door::PHONE => $door]);

            return $this->browser->getResponse()->getStatusCode();
        };
        self::assertSame([200, 200, 400], [
            $ask('https://192.168.1.5:443', 'https://192.168.1.5'),
            $ask('http://192.168.1.5:80', 'http://192.168.1.5'),
            $ask('https://192.168.1.5:80', 'https://192.168.1.5'),
        ]);
    }

    public function testACodeIsHonouredOnceForFiveMinutes(): void
    {
        $code = $this->devices->newCode(May::Bench);
        self::assertMatchesRegularExpression('/^\d{8}$/', $code);
        self::assertSame(303, $this->ask('/pair', ['code' => substr($code, 0, 4) . ' ' . substr($code, 4), 'name' => "my\nphone\u{202E}"]));
        $cookie = $this->browser->getResponse()->headers->getCookies()[0];
        self::assertSame([true, 'strict', '/', false], [
            $cookie->isHttpOnly(), $cookie->getSameSite(), $cookie->getPath(), $cookie->isSecure(),
        ]);
        self::assertSame(30 * 86_400, $cookie->getExpiresTime() - (new \DateTimeImmutable('2026-03-14 12:00:00'))->getTimestamp());
        self::assertSame(['my phone'], array_map(static fn($device): string => $device->name(), $this->devices->all()));
        self::assertSame(200, $this->ask('/', null, (string) $cookie->getValue()));
        // A second device does not get in by it, and neither does anybody later.
        self::assertSame(403, $this->ask('/pair', ['code' => $code]));
        $late = $this->devices->newCode(May::Bench);
        self::mockTime('2026-03-14 12:04:59');
        self::assertSame($late, $this->gate()->code(new \DateTimeImmutable('2026-03-14 12:04:59')));
        self::mockTime('2026-03-14 12:05:00');
        self::assertSame(403, $this->ask('/pair', ['code' => $late]));
        self::assertCount(1, $this->devices->all());
    }

    public function testAfterFiveWrongTriesTheCodeIsGoneAndTheWaitDoubles(): void
    {
        $now = new \DateTimeImmutable('2026-03-14 12:00:00');
        foreach ([10, 20, 40] as $round => $wait) {
            $code = $this->devices->newCode(May::Bench);
            for ($try = 0; $try < 4; ++$try) {
                self::assertSame(403, $this->ask('/pair', ['code' => self::other($code)]));
            }
            self::assertSame([1, $code], [$this->gate()->triesLeft(), $this->gate()->code($now)]);
            self::assertSame(403, $this->ask('/pair', ['code' => self::other($code)]));
            self::assertNull($this->gate()->code($now));
            self::assertSame($wait, $this->gate()->waits($now));
            self::assertSame(5 * ($round + 1), $this->gate()->triesInAll());
            // The right one of before is none any more, and a new one has to wait.
            self::assertSame(403, $this->ask('/pair', ['code' => $code]));
            $new = $this->devices->newCode(May::Bench);
            self::assertSame(403, $this->ask('/pair', ['code' => $new]));
            $now = $now->modify(sprintf('+%d seconds', $wait));
            self::mockTime($now);
        }
        self::assertSame(303, $this->ask('/pair', ['code' => $this->devices->newCode(May::Bench)]));
        self::assertSame([0, 0], [$this->gate()->triesInAll(), $this->gate()->waits($now)]);
    }

    private static function other(string $code): string
    {
        return str_pad((string) (((int) $code + random_int(1, 99_999_998)) % 100_000_000), 8, '0', STR_PAD_LEFT);
    }

    /** Whoever guesses as fast as they can, while somebody at the desk makes code after code. */
    public function testTenThousandGuesses(): void
    {
        $compared = 0;
        $this->devices->newCode(May::Everything);
        for ($guess = 0; $guess < 10_000; ++$guess) {
            if (0 === $guess % 500) {
                self::mockTime((new \DateTimeImmutable('2026-03-14 12:00:00'))->modify(sprintf('+%d seconds', $guess)));
                $this->devices->newCode(May::Everything);
            }
            $left = $this->gate()->triesLeft();
            self::assertNull($this->devices->pair(sprintf('%08d', $guess), 'x'));
            $compared += $left - $this->gate()->triesLeft();
        }
        self::assertSame([], $this->devices->all());
        self::assertLessThanOrEqual(5 * 20, $compared);
        self::assertSame($compared, $this->gate()->triesInAll());
    }

    /**
     * @return iterable<string, array{\Closure(string, Devices): ?string}>
     */
    public static function forged(): iterable
    {
        yield 'none' => [static fn(): ?string => null];
        yield 'empty' => [static fn(): string => ''];
        yield 'another signature' => [static fn(string $cookie): string => substr($cookie, 0, -1) . ('0' === $cookie[-1] ? '1' : '0')];
        yield 'another day' => [static fn(string $cookie): string => (string) preg_replace('/\.(\d+)\./', '.9999999999.', $cookie)];
        yield 'another device' => [static fn(string $cookie): string => '00000000-0000-4000-8000-000000000000' . substr($cookie, 36)];
        yield 'without a signature' => [static fn(string $cookie): string => (string) preg_replace('/[0-9a-f]{64}$/', '', $cookie)];
        yield 'signed with nothing' => [static fn(string $cookie): string => substr($cookie, 0, -64)
            . hash_hmac('sha256', substr($cookie, 0, -65), '')];
        yield 'with more behind it' => [static fn(string $cookie): string => $cookie . "\n"];
        yield 'very long' => [static fn(): string => str_repeat('a', 100_000)];
        yield 'no text' => [static fn(): string => "\xff\0"];
        yield 'of a device that was taken out' => [static function (string $cookie, Devices $devices): string {
            $devices->takeOut(substr($cookie, 0, 36));

            return $cookie;
        }];
        yield 'of before all were taken out' => [static function (string $cookie, Devices $devices): string {
            $devices->takeAllOut();

            return $cookie;
        }];
        yield 'a month old' => [static function (string $cookie): string {
            self::mockTime('2026-04-13 12:00:01');

            return $cookie;
        }];
    }

    /**
     * @param \Closure(string, Devices): ?string $forge
     */
    #[DataProvider('forged')]
    public function testForgedAndReplayedCookies(\Closure $forge): void
    {
        $cookie = $this->paired();
        self::assertSame(200, $this->ask('/', null, $cookie));
        $forged = $forge($cookie, $this->devices);
        self::assertSame(303, $this->ask('/', null, $forged));
        self::assertSame(403, $this->ask('/boards', ['name' => 'mine'], $forged));
        self::assertCount(1, $this->store->shelf());
    }

    public function testForeignHostsAndOrigins(): void
    {
        $cookie = $this->paired();
        foreach (['evil.example', 'evil.example:8042', '192.168.1.5', '192.168.1.5:80', 'localhost:8042', '127.0.0.1'] as $host) {
            self::assertSame(400, $this->ask('/', null, $cookie, [], $host), $host);
            self::assertSame('', $this->page());
        }
        $copy = '/boards/' . $this->opened->record->id() . '/copy';
        $origins = ['http://evil.example', 'null', 'http://192.168.1.5', 'http://192.168.1.5:8043', 'https://192.168.1.5:8042', ''];
        foreach ($origins as $origin) {
            self::assertSame(403, $this->ask($copy, [], $cookie, ['HTTP_ORIGIN' => $origin]), $origin);
        }
        self::assertSame(403, $this->ask($copy, [], $cookie, ['HTTP_ORIGIN' => self::DOOR, 'HTTP_SEC_FETCH_SITE' => 'same-site']));
        self::assertCount(1, $this->store->shelf());
        self::assertSame(303, $this->ask($copy, [], $cookie));
    }

    public function testTheDesksOwnDoorIsForItsOwnMachine(): void
    {
        $this->browser->request('GET', '/', [], [], ['REMOTE_ADDR' => '192.168.1.77']);
        self::assertResponseStatusCodeSame(403);
        self::assertSame('', $this->page());
        foreach (['127.0.0.1', '127.0.0.9', '::1'] as $own) {
            $this->browser->request('GET', '/', [], [], ['REMOTE_ADDR' => $own]);
            self::assertResponseIsSuccessful();
        }
    }

    /**
     * @return iterable<string, array{May, bool, bool}>
     */
    public static function rights(): iterable
    {
        yield 'look' => [May::Look, false, false];
        yield 'bench and commissioning' => [May::Bench, true, false];
        yield 'everything' => [May::Everything, true, true];
    }

    #[DataProvider('rights')]
    public function testADeviceMayWhatIsSaidOfIt(May $may, bool $benches, bool $changes): void
    {
        $cookie = $this->paired($may);
        $router = self::getContainer()->get('router');
        $bench = ['board_live', 'log_found', 'log_wires', 'log_show'];
        $seen = 0;
        foreach ($router->getRouteCollection() as $name => $route) {
            $isDesk = May::DESK === $route->getDefault(May::ROUTE);
            if (in_array($name, ['pair', 'pair_with'], true)) {
                continue;
            }
            $path = (string) preg_replace_callback(
                '/\{(\w+)\}/',
                static fn(array $found): string => self::fitting((string) $route->getRequirement($found[1])),
                $route->getPath(),
            );
            if ('GET' === ($route->getMethods()[0] ?? 'GET')) {
                $isLet = !$isDesk;
                $status = $this->ask($path, null, $cookie);
            } else {
                $isLet = !$isDesk && ($changes || ($benches && in_array($name, $bench, true)));
                $status = $this->ask($path, [], $cookie);
            }
            self::assertSame($isLet, !str_contains($this->page(), 'This device may not do that'), $name . ' ' . $status);
            self::assertLessThan(500, $status, $name);
            ++$seen;
        }
        self::assertGreaterThan(60, $seen);
        // What is not for it is not shown either.
        self::assertSame(200, $this->ask('/', null, $cookie));
        self::assertStringNotContainsString('Keep safe', $this->page());
        self::assertStringNotContainsString('href="/phone"', $this->page());
    }

    /** Something that an address may hold at a place. */
    private static function fitting(string $requirement): string
    {
        $some = ['00000000-0000-4000-8000-000000000000', 'x', 'A1', 'B1', 'L1', 'F1', 'R1', '1', 'json', 'undo'];
        array_push($some, str_repeat('0', 64), 'a-0123456789.css');
        foreach ($some as $one) {
            if ('' === $requirement || 1 === preg_match('{^(?:' . $requirement . ')$}D', $one)) {
                return $one;
            }
        }
        self::fail($requirement);
    }

    public function testStylesAndScriptsAreForWhoIsLetIn(): void
    {
        $built = (array) glob(dirname(__DIR__, 2) . '/public/build/app-*.css');
        self::assertNotSame([], $built);
        $path = '/build/' . basename((string) $built[0]);
        self::assertSame(303, $this->ask($path));
        self::assertSame(200, $this->ask($path, null, $this->paired(May::Look)));
        self::assertSame('text/css; charset=UTF-8', $this->browser->getResponse()->headers->get('Content-Type'));
        self::assertNotNull($this->browser->getResponse()->headers->get('Content-Security-Policy'));
    }

    public function testTheDeskShowsAddressCodeAndDevices(): void
    {
        $page = $this->browser->request('GET', '/phone');
        self::assertStringContainsString('bin/serve --phone', $page->filter('main')->text());
        $this->browser->setServerParameters([Door::SHOWN => self::DOOR]);
        $page = $this->browser->request('GET', '/phone');
        self::assertStringContainsString(self::DOOR, $page->filter('main')->text());
        self::assertStringContainsString('is not encrypted', $page->filter('main')->text());
        $this->browser->submit($page->selectButton('Make a code')->form(['may' => 'look']));
        $page = $this->browser->followRedirect();
        $code = (string) preg_replace('/\D/', '', $page->filter('[aria-label=Code]')->text());
        self::assertNotNull($this->devices->pair($code, '<b>Ada</b>’s phone'));
        $page = $this->browser->request('GET', '/phone');
        self::assertStringContainsString('<b>Ada</b>’s phone', $page->filter('tbody th')->text());
        self::assertCount(0, $page->filter('tbody b'));
        $this->browser->submit($page->selectButton('Change')->form(['may' => 'everything']));
        self::assertSame(May::Everything, $this->devices->all()[0]->may());
        $this->browser->submit($this->browser->request('GET', '/phone')->selectButton('Take all out')->form());
        self::assertSame([], $this->devices->all());
    }

    public function testABackupLetsNobodyIn(): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'backup');
        $store = new \SQLite3($path);
        $store->exec('CREATE TABLE board (id)');
        $store->exec("CREATE TABLE phone_gate (signing_key); INSERT INTO phone_gate VALUES ('" . str_repeat('deadbeef', 8) . "')");
        $store->exec("CREATE TABLE phone_device (name); INSERT INTO phone_device VALUES ('the phone of Ada Quill')");
        $store->close();
        Restore::withoutDevices($path);
        $bytes = (string) file_get_contents($path);
        self::assertStringNotContainsString('deadbeef', $bytes);
        self::assertStringNotContainsString('Ada Quill', $bytes);
        $copy = new \SQLite3($path);
        self::assertSame([0, 0, 0], array_map(
            static fn(string $table): mixed => $copy->querySingle('SELECT count(*) FROM ' . $table),
            ['phone_device', 'phone_gate', 'board'],
        ));
        $copy->close();
        // A backup from before there were any.
        $store = new \SQLite3($path);
        $store->exec('DROP TABLE phone_device');
        $store->exec('DROP TABLE phone_gate');
        $store->close();
        Restore::withoutDevices($path);
        unlink($path);
    }
}
