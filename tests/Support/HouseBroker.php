<?php

declare(strict_types=1);

namespace IronLatch\Tests\Support;

use Symfony\Component\Process\Process;

/** A real broker (Debian’s mosquitto) on the loopback, and what is said there. */
final class HouseBroker
{
    public readonly int $port;
    private readonly string $folder;
    private Process $broker;
    /** @var list<Process> */
    private array $clients = [];

    public function __construct()
    {
        $this->port = self::freePort();
        $this->folder = sys_get_temp_dir() . '/iron-latch-house-' . bin2hex(random_bytes(6));
        mkdir($this->folder);
        file_put_contents($this->folder . '/broker.conf', sprintf(
            "listener %d 127.0.0.1\nallow_anonymous true\nlog_dest stderr\nuser root\nmax_queued_messages 0\n",
            $this->port,
        ));
        $this->start();
    }

    public static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        if (false === $socket) {
            throw new \RuntimeException('No port is free.');
        }
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);

        return $port;
    }

    public function start(): void
    {
        $this->broker = new Process(['/usr/sbin/mosquitto', '-c', $this->folder . '/broker.conf'], timeout: 600);
        $this->broker->start();
        $this->broker->waitUntil(static fn(string $type, string $said): bool => str_contains($said, 'running'));
    }

    public function kill(): void
    {
        $this->broker->signal(9);
        $this->broker->wait();
    }

    /** Everything that is published from now on, and what was kept before: “topic payload” in each line. */
    public function listen(string $topic = '#'): Process
    {
        $client = new Process(['stdbuf', '-oL', 'mosquitto_sub', '-p', (string) $this->port, '-v', '-t', $topic], timeout: 600);
        $client->start();
        $this->clients[] = $client;

        return $client;
    }

    public function say(string $topic, string $payload, bool $kept = false): void
    {
        (new Process([
            'mosquitto_pub', '-p', (string) $this->port, '-t', $topic, '-m', $payload, ...$kept ? ['-r'] : [],
        ]))->mustRun();
    }

    /**
     * @param list<string> $payloads one after the other
     */
    public function sayAll(string $topic, array $payloads): void
    {
        (new Process(
            ['mosquitto_pub', '-p', (string) $this->port, '-t', $topic, '-l'],
            input: implode("\n", $payloads) . "\n",
            timeout: 120,
        ))->mustRun();
    }

    public function close(): void
    {
        foreach ([...$this->clients, $this->broker] as $process) {
            $process->stop(1);
        }
        unlink($this->folder . '/broker.conf');
        rmdir($this->folder);
    }
}
