<?php

declare(strict_types=1);

namespace IronLatch\Tests\Mutation;

use SebastianBergmann\CodeCoverage\CodeCoverage;

/** Which test methods run through which lines, and how long each takes. */
final readonly class Coverage
{
    /**
     * @param array<string, array<int, list<string>>> $methods “Class::method” by file and line
     * @param array<string, float> $seconds by method
     */
    private function __construct(private array $methods, private array $seconds) {}

    /**
     * @param string $coverage file that PHPUnit wrote with --coverage-php
     * @param string $times file that it wrote with --log-junit
     */
    public static function read(string $coverage, string $times): self
    {
        $data = require $coverage;
        if (!$data instanceof CodeCoverage) {
            throw new \RuntimeException($coverage . ' is no coverage of PHPUnit.');
        }
        $methods = [];
        /** @var array<string, array<int, ?list<string>>> $covered */
        $covered = $data->getData()->lineCoverage();
        foreach ($covered as $file => $lines) {
            foreach ($lines as $line => $tests) {
                $methods[$file][$line] = array_values(array_unique(array_map(
                    static fn(string $test): string => explode('#', $test)[0],
                    $tests ?? [],
                )));
            }
        }
        $seconds = [];
        foreach ((new \SimpleXMLElement((string) file_get_contents($times)))->xpath('//testcase') ?? [] as $case) {
            $method = $case['class'] . '::' . explode(' with data set', (string) $case['name'])[0];
            $seconds[$method] = ($seconds[$method] ?? 0.0) + (float) $case['time'];
        }

        return new self($methods, $seconds);
    }

    /**
     * @return list<string> the methods that run through a place, quickest first. What stands outside methods, such as a constant, is
     *                      run through by whatever runs through its file.
     */
    public function of(string $file, int $line): array
    {
        $methods = $this->methods[$file][$line] ?? array_values(array_unique(array_merge(
            [],
            ...array_values($this->methods[$file] ?? []),
        )));
        usort($methods, fn(string $a, string $b): int => $this->seconds($a) <=> $this->seconds($b));

        return $methods;
    }

    public function seconds(string $method): float
    {
        return $this->seconds[$method] ?? 0.0;
    }
}
