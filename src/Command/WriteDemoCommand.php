<?php

declare(strict_types=1);

namespace IronLatch\Command;

use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Exchange\BenchScriptJson;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Core\Log\LogJson;
use IronLatch\Demo\DemoBoards;
use IronLatch\Demo\DemoLogs;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

#[AsCommand('latch:write-demo', 'Writes the demo boards and the board schema anew, after a change of the catalogue or the format.')]
final class WriteDemoCommand extends Command
{
    public function __construct(private readonly Catalogue $catalogue, #[Autowire('%kernel.project_dir%')] private readonly string $root)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $boards = (new DemoBoards($this->catalogue))->all();
        foreach ($boards as $file => $board) {
            file_put_contents($this->root . '/demo/' . $file . '.json', BoardJson::write($board));
        }
        file_put_contents($this->root . '/demo/utility-room.log.json', LogJson::write(DemoLogs::utilityRoom($boards['utility-room'])));
        file_put_contents($this->root . '/docs/format/log.schema.json', LogJson::schemaText());
        file_put_contents($this->root . '/docs/format/board.schema.json', BoardJson::schemaText());
        file_put_contents($this->root . '/docs/format/bench-script.schema.json', BenchScriptJson::schemaText());

        return Command::SUCCESS;
    }
}
