<?php

declare(strict_types=1);

namespace IronLatch\Tests\Mutation;

/** One small fault in one place of the code. */
final readonly class Mutant
{
    public function __construct(
        public string $file,
        public int $line,
        public int $from,
        public int $to,
        public string $was,
        public string $becomes,
    ) {}

    public function source(): string
    {
        $code = (string) file_get_contents($this->file);

        return substr($code, 0, $this->from) . $this->becomes . substr($code, $this->to);
    }

    /** The same for as long as its own line of code is the same. */
    public function likeness(string $root): string
    {
        $code = (string) file_get_contents($this->file);
        $begin = (int) strrpos(substr($code, 0, $this->from), "\n");
        $line = explode("\n", substr($code, $begin + 1), 2)[0];

        return implode(' ', [substr($this->file, strlen($root)), trim($line), $this->from - $begin, $this->becomes]);
    }

    public function words(string $root): string
    {
        return sprintf('%s:%d  %s → %s', substr($this->file, strlen($root) + 1), $this->line, $this->was, $this->becomes);
    }
}
