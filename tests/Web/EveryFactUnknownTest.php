<?php

declare(strict_types=1);

namespace IronLatch\Tests\Web;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Demo\DemoFiles;
use IronLatch\Tests\Support\EveryAddress;
use IronLatch\Tests\Support\Sample;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\Group;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\RouterInterface;

/** Every fact may be unknown: each view, fragment and export answers then too. */
#[Group('properties')]
final class EveryFactUnknownTest extends BoardTestCase
{
    /** @var array<string, string> where it was met first, by what was said */
    private array $faults = [];

    protected function setUp(): void
    {
        parent::setUp();
        $this->browser->catchExceptions(false);
    }

    public function testEveryAddressOfABoardIsKnownHere(): void
    {
        $board = TestBoards::operatedInManyWays();
        $board = self::getContainer()->get(DemoFiles::class)->all()['first-try'] ?? $board;
        $known = ['board', ...array_keys(EveryAddress::of($board, TestBoards::inspect($board)))];
        $routes = [];
        foreach (self::getContainer()->get(RouterInterface::class)->getRouteCollection() as $name => $route) {
            // A run, a file that came back and a copy are there only once somebody has made them: their own tests look at those.
            $isOfOne = 1 === preg_match('/\{(run|file|copy|picture)\}/', $route->getPath());
            if (!$isOfOne && str_starts_with($route->getPath(), '/boards/{id}') && in_array('GET', $route->getMethods(), true)) {
                $routes[] = $name;
            }
        }
        self::assertEqualsCanonicalizing($routes, $known);
    }

    /** All at once: every address. */
    public function testWithNothingKnownEverythingAnswers(): void
    {
        foreach ($this->boards() as $name => $board) {
            $data = json_decode(BoardJson::write($board), true);
            self::assertIsArray($data);
            foreach (self::facts($data, []) as $path) {
                $data = self::unknown($data, $path);
            }
            $this->answers(
                $name,
                BoardJson::readOwn(json_encode($data, JSON_THROW_ON_ERROR)),
                "many ways" === $name ? 1 : Sample::size(5, 1),
            );
        }
        self::assertSame([], $this->faults);
    }

    /** One at a time: a few addresses each, others for the next fact. */
    public function testWithOneFactUnknownEverythingAnswers(): void
    {
        $every = Sample::size(4, 1);
        $number = 0;
        foreach ($this->boards() as $name => $board) {
            $data = json_decode(BoardJson::write($board), true);
            self::assertIsArray($data);
            foreach (self::facts($data, []) as $path) {
                if (0 === ++$number % $every) {
                    $this->answers(
                        $name . ' without ' . implode('.', $path),
                        BoardJson::readOwn(json_encode(self::unknown($data, $path), JSON_THROW_ON_ERROR)),
                        Sample::size(40, 8),
                        $number,
                    );
                }
            }
        }
        self::assertGreaterThan(200, $number);
        self::assertSame([], $this->faults);
    }

    private function answers(string $name, Board $board, int $every, int $first = 0): void
    {
        $opened = $this->shelved($board);
        $addresses = array_merge(...array_values(EveryAddress::of($board, TestBoards::inspect($board))));
        foreach ($addresses as $place => $address) {
            if (0 === ($place + $first) % $every) {
                try {
                    $this->browser->request('GET', '/boards/' . $opened->record->id() . '/' . $address);
                } catch (NotFoundHttpException $none) {
                    // A ready-made module has no netlist, and says so.
                    $this->faults += str_contains($address, 'netlist') ? [] : [$address => $none->getMessage()];
                } catch (\Throwable $fault) {
                    $this->faults += [mb_substr($fault->getMessage(), 0, 300) => $name . ' ' . $address];
                }
            }
        }
    }

    /**
     * @return iterable<string, Board>
     */
    private function boards(): iterable
    {
        yield from self::getContainer()->get(DemoFiles::class)->all();
        yield 'many ways' => TestBoards::operatedInManyWays();
    }

    /**
     * @param array<mixed> $data
     * @param list<string> $path
     * @return list<list<string>>
     */
    private static function facts(array $data, array $path): array
    {
        $all = [];
        foreach ($data as $key => $value) {
            if (is_array($value) && 'parts' !== $key) {
                $here = [...$path, (string) $key];
                array_push(
                    $all,
                    ...[] === array_intersect(['stated', 'assumed', 'target'], array_keys($value)) ? self::facts($value, $here) : [$here],
                );
            }
        }

        return $all;
    }

    /**
     * @param array<mixed> $data
     * @param list<string> $path
     * @return array<mixed>
     */
    private static function unknown(array $data, array $path): array
    {
        $place = &$data;
        foreach ($path as $key) {
            self::assertIsArray($place);
            $place = &$place[$key];
        }
        $place = ['unknown' => true];

        return $data;
    }
}
