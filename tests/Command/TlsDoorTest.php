<?php

declare(strict_types=1);

namespace IronLatch\Tests\Command;

use IronLatch\Phone\Certificate;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The recipe for nginx, php-fpm and openssl, started as it stands in docs/tls, and asked by curl. */
final class TlsDoorTest extends TestCase
{
    private const PORT = 8471;
    private const DOOR = 'https://127.0.0.1:8471';

    private static string $root;
    private static string $database;
    private static Process $door;

    public static function setUpBeforeClass(): void
    {
        self::$root = dirname(__DIR__, 2);
        self::$database = (string) tempnam(sys_get_temp_dir(), 'door');
        self::console('doctrine:migrations:migrate', '--no-interaction', '--quiet');
        self::console('latch:seed', '--quiet');
        $command = [self::$root . '/bin/tls-door', '127.0.0.1', (string) self::PORT];
        self::$door = new Process($command, env: self::environment(), timeout: 300);
        self::$door->start();
        for ($left = 400; $left > 0 && 0 !== self::curl('/pair')[0]; --$left) {
            usleep(50_000);
        }
    }

    public static function tearDownAfterClass(): void
    {
        self::$door->stop(5);
        $files = array_map(static fn(string $end): string => self::$database . $end, ['', '-wal', '-shm']);
        array_map(unlink(...), array_filter($files, is_file(...)));
    }

    /** @return array<string, string> */
    private static function environment(): array
    {
        return ['APP_ENV' => 'prod', 'DATABASE_URL' => 'sqlite:///' . self::$database];
    }

    private static function console(string ...$words): string
    {
        $process = new Process(['php', 'bin/console', ...$words], self::$root, self::environment(), timeout: 120);
        $process->mustRun();

        return $process->getOutput();
    }

    private static function certificate(): string
    {
        return sprintf('%s/var/tls-%d/certificate.pem', self::$root, self::PORT);
    }

    /**
     * @return array{int, string} how curl ended, and headers with what came
     */
    private static function curl(string $path, string ...$words): array
    {
        $command = ['curl', '--silent', '--include', '--cacert', self::certificate(), ...$words, self::DOOR . $path];
        $process = new Process($command, timeout: 60);
        $process->run();

        return [(int) $process->getExitCode(), $process->getOutput()];
    }

    private static function statusOf(string $answer): int
    {
        return 1 === preg_match('~^HTTP/[\d.]+ (\d{3})~', $answer, $found) ? (int) $found[1] : 0;
    }

    public function testAPhoneIsPairedOverTls(): void
    {
        [$end, $answer] = self::curl('/');
        $log = (string) @file_get_contents(dirname(self::certificate()) . '/nginx.log');
        self::assertSame([0, 303], [$end, self::statusOf($answer)], $log);
        self::assertStringContainsString('Location: /pair', $answer);
        $said = self::console('latch:pair', self::DOOR, '--certificate=' . self::certificate());
        self::assertStringContainsString(self::DOOR, $said);
        self::assertStringContainsString((string) Certificate::fingerprint(self::certificate()), $said);
        $code = (new \SQLite3(self::$database))->querySingle('SELECT code FROM phone_gate');
        self::assertIsString($code);
        $pair = ['--data', 'code=' . $code, '--header'];
        self::assertSame(403, self::statusOf(self::curl('/pair', ...$pair, ...['Origin: http://127.0.0.1:8471'])[1]));
        $answer = self::curl('/pair', ...$pair, ...['Origin: ' . self::DOOR])[1];
        self::assertSame(303, self::statusOf($answer));
        self::assertMatchesRegularExpression('/^Set-Cookie: iron-latch=\S+;.*secure; httponly; samesite=strict\r$/mi', $answer);
        preg_match('/iron-latch=([^;]+)/', $answer, $found);
        $cookie = ['--cookie', 'iron-latch=' . ($found[1] ?? '')];
        [, $shelf] = self::curl('/', ...$cookie);
        self::assertSame(200, self::statusOf($shelf));
        self::assertStringContainsString('Utility room board', $shelf);
        preg_match('~/build/app-[0-9a-f]+\.css~', $shelf, $style);
        $answer = self::curl($style[0] ?? '/', ...$cookie)[1];
        self::assertSame(200, self::statusOf($answer));
        foreach (['Content-Security-Policy', 'X-Content-Type-Options', 'Referrer-Policy', 'Cross-Origin-Resource-Policy'] as $header) {
            self::assertStringContainsString($header . ': ', $answer);
        }
        self::assertSame(303, self::statusOf(self::curl($style[0] ?? '/')[1]), 'Nobody else gets it.');
        self::assertSame(400, self::statusOf(self::curl('/', '--header', 'Host: evil.example', ...$cookie)[1]));
        $byDesk = self::curl('/', '--header', 'Host: localhost', ...$cookie)[1];
        self::assertSame(400, self::statusOf($byDesk), 'Nor by the name of the desk.');
    }

    public function testTheFingerprintIsThatOfOpenssl(): void
    {
        $openssl = new Process(['openssl', 'x509', '-in', self::certificate(), '-noout', '-fingerprint', '-sha256']);
        $openssl->mustRun();
        self::assertSame('sha256 Fingerprint=' . Certificate::fingerprint(self::certificate()), trim($openssl->getOutput()));
        self::assertNull(Certificate::fingerprint(__FILE__));
        self::assertNull(Certificate::fingerprint('/nowhere'));
    }
}
