program locks;

type
  TGate = (Open, Closed);
  TLock = record
    gate: TGate;
    level: integer;
  end;

var
  lock: TLock;
  passed: integer;

function Fill(var l: TLock; amount: integer): boolean;
begin
  if l.gate = Open then
    Fill := False
  else
  begin
    l.level := l.level + amount;
    Fill := True;
⟪⟶  end;
⟫end;

begin
  lock.gate := Closed;
  lock.level := 0;
  passed := 0;
  while (passed < 3) and Fill(lock, 25) do
    passed := passed + 1;
  if ⟪lock.level >= 75 and passed = 3⟶(lock.level >= 75) and (passed = 3)⟫ then
    writeln('full');
  ⟪passed++⟶passed := passed + 1⟶≡inc(passed)⟫;
  writeln(passed, ' passed');
end.
