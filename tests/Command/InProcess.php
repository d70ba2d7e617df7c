<?php

declare(strict_types=1);

namespace IronLatch\Tests\Command;

use IronLatch\Board\EditForm;
use IronLatch\Board\PinTableForm;
use IronLatch\Board\UsualStart;
use IronLatch\Command\ApplyCommand;
use IronLatch\Command\BenchCommand;
use IronLatch\Command\CheckCommand;
use IronLatch\Command\DraftCommand;
use IronLatch\Command\ExportCommand;
use IronLatch\Command\ImportCommand;
use IronLatch\Command\NewCommand;
use IronLatch\Command\SeatCommand;
use IronLatch\Command\TrialCommand;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Export\Exports;
use IronLatch\Tests\Support\TestBoards;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Console\Application;
use Symfony\Component\Console\Tester\ApplicationTester;

/** The commands in this process, so that coverage and mutants see them; files go through a folder of their own. */
final class InProcess
{
    private string $folder;
    private ApplicationTester $tester;

    public function __construct()
    {
        $this->folder = sys_get_temp_dir() . '/latch-' . bin2hex(random_bytes(6));
        mkdir($this->folder);
        $catalogue = TestBoards::catalogue();
        $application = new Application('Iron Latch', 'of a test');
        $application->addCommands([
            new NewCommand(new UsualStart($catalogue)),
            new ImportCommand(new PinTableForm($catalogue)),
            new ApplyCommand(new EditForm($catalogue)),
            new DraftCommand($catalogue),
            new CheckCommand($catalogue),
            new SeatCommand(),
            new BenchCommand($catalogue),
            new TrialCommand($catalogue),
            new ExportCommand(new Exports(), $catalogue, new MockClock('2026-01-02')),
        ]);
        $application->setAutoExit(false);
        $application->setCatchExceptions(false);
        $this->tester = new ApplicationTester($application);
    }

    /** @return string the path of a file with this in it */
    public function file(string $name, string|Board $content): string
    {
        file_put_contents($this->folder . '/' . $name, $content instanceof Board ? BoardJson::write($content) : $content);

        return $this->folder . '/' . $name;
    }

    /**
     * @param array<string, mixed> $input
     * @return array{int, string, string} exit code, output, errors
     */
    public function run(string $command, array $input): array
    {
        $code = $this->tester->run(['command' => $command, ...$input], ['capture_stderr_separately' => true, 'interactive' => false]);

        return [$code, $this->tester->getDisplay(true), $this->tester->getErrorOutput(true)];
    }

    public function clear(): void
    {
        $files = glob($this->folder . '/*');
        array_map(unlink(...), false === $files ? [] : $files);
        rmdir($this->folder);
    }
}
