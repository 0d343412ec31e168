program NetMender;

type
  TNet = record
    code: string;
    holes: integer;
    done⟪⟶: boolean⟫;
  end;
  TNets = array of TNet;

var
  nets: TNets;
  i, total: integer;

procedure Mend(var net: TNet; n: integer);
begin
  net.holes := net.holes - n;
  if net.holes ⟪=<⟶<=⟫ 0 then
  begin
    net.holes := 0;
    net.done := ⟪yes⟶true⟫;
  end;
end;

function Worst(const all: TNets): integer;
var
  k, best: integer;
begin
  best := 0;
  for k := 1 to high(all) do
    if all[k].holes > all[best]⟪⟶.holes⟫ then
      best := k;
  Worst := best⟪⟶;⟫
end;

function Pick(n: integer): ⟪int⟶integer⟶≡longint⟫;
begin
  case n of
    0: Pick := 1;
    1⟪ ⟶: ⟫Pick := 4;
  else
    Pick := 0;
  end;
end;

begin
  SetLength(nets, 2);
  nets[0].code := 'A1';
  nets[0].holes := ⟪'6'⟶6⟫;
  nets[1].code := 'B4';
  nets[1].holes := 11;
  Mend(nets[0], Pick(1));
  total := 0;
  i := 0;
  while i ⟪!=⟶<>⟫ length(nets) do
  begin
    total := total + nets[i].holes;
    ⟪i++⟶i := i + 1⟶≡inc(i)⟫;
  end;
  writeln(nets[Worst(nets)].code⟪ ⟶, ' ', ⟶, ⟫total);
end.
