<?php

declare(strict_types=1);

namespace IronLatch\Command;

use IronLatch\Core\Bench\BenchScript;
use IronLatch\Core\Bench\Course;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Exchange\BenchScriptJson;
use IronLatch\Core\Exchange\BoardFileFault;
use IronLatch\Core\Exchange\TraceJson;
use IronLatch\Core\Exchange\TraceVcd;
use IronLatch\Core\Review\Inspection;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** Runs a board on the simulated bench. */
#[AsCommand('bench', 'Runs a board on the simulated bench by a script, and prints everything that happens with its cause.')]
final class BenchCommand extends BoardCommand
{
    public function __construct(private readonly Catalogue $catalogue)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this
            ->addArgument('file', InputArgument::REQUIRED, 'a board file, or - for standard input')
            ->addOption(
                'script',
                null,
                InputOption::VALUE_REQUIRED,
                'what is done and when, as JSON; a trace is run again. Without one mains comes, and nothing more',
            )
            ->addOption('format', null, InputOption::VALUE_REQUIRED, 'text, json or vcd', 'text')
            ->setHelp(<<<'HELP'
                  latch bench board.json --script=events.json
                  latch bench board.json --script=events.json --format=vcd > run.vcd

                A script: {"format": "iron-latch/bench-script", "version": 1, "deeds": [
                    {"at": "10 s", "do": "press", "what": "S1"},
                ], "until": "20 s"}
                HELP);
    }

    protected function work(InputInterface $input, OutputInterface $output): int
    {
        $format = $input->getOption('format');
        if (!in_array($format, ['text', 'json', 'vcd'], true)) {
            throw new \InvalidArgumentException('The format is text, json or vcd: --format=vcd.');
        }
        $board = $this->board($input);
        $course = Course::of(new Inspection($board, $this->catalogue), self::script($input->getOption('script')));
        $this->print($output, match ($format) {
            'json' => TraceJson::write($course),
            'vcd' => TraceVcd::write($course),
            default => TraceJson::text($course),
        });

        return Command::SUCCESS;
    }

    private static function script(mixed $file): BenchScript
    {
        if (!is_string($file) || '' === $file) {
            return new BenchScript();
        }
        try {
            return BenchScriptJson::read(self::contents($file));
        } catch (BoardFileFault $fault) {
            throw new BoardFileFault($file . ': ' . $fault->getMessage(), previous: $fault);
        }
    }
}
