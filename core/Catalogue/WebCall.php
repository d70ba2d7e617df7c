<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Record\ListOf;

/** The request that carries a command to a path. */
final readonly class WebCall
{
    /**
     * @param string $method GET, POST, PUT or PATCH
     * @param string $host in front of every path; {secret:NAME} for what a copy fills in
     * @param list<string> $headers each with {secret:NAME} where a token stands
     * @param string $body {value} for what is wanted, {address} for the path; empty for none
     */
    public function __construct(
        public string $method,
        public string $host,
        #[ListOf('string')]
        public array $headers = [],
        public string $body = '',
    ) {
        if (!in_array($method, ['GET', 'POST', 'PUT', 'PATCH'], true)) {
            throw new \InvalidArgumentException('A request is a GET, POST, PUT or PATCH.');
        }
    }

    /** Whether a fetch by itself, as by a preview or a browser that looks ahead, switches nothing. */
    public function isSafeFromLookingAhead(): bool
    {
        return 'GET' !== $this->method;
    }

    /** Whether it carries something that each copy keeps to itself; its address alone is no secret. */
    public function asksForAToken(): bool
    {
        $said = implode("\n", [...$this->headers, $this->body, str_replace('{secret:BOARD_ADDRESS}', '', $this->host)]);

        return str_contains($said, '{secret:');
    }
}
