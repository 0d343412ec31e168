program PilotBook;

type
  PPilot = ^TPilot;
  TPilot = record
    Name: string[30];
    Trips: Integer;
    Next: PPilot;
  end;

var
  Head: PPilot;
  Best: PPilot;
  Total⟪, Count = Integer⟶, Count: Integer⟫;

procedure Push(Name: string; Trips: Integer⟪⟶)⟫;
var
  P: PPilot;
begin
  New(P);
  P^.Name := Name;
  P^.Trips ⟪=⟶:=⟫ Trips;
  P^.Next := Head;
  Head := P;
end;

function FindBest: PPilot;
var
  P: PPilot;
begin
  FindBest := Head;
  P := Head;
  while P <> ⟪null⟶nil⟫ do
  begin
    if P^.Trips > Best^.Trips then
      Best := P;
    P := ⟪P.Next⟶P^.Next⟫;
  end;
  FindBest := Best;
end;

procedure Show(P: PPilot);
begin
  if P ⟪!=⟶<>⟫ nil then
  begin
    WriteLn(P^.Name, ': ', P^.Trips);
    Show(P^.Next)
  end
  ⟪else;⟶else⟫
    WriteLn('end of the book');
end;

begin
  Head := nil;
  Push('Marin', 12);
  Push('Oda', 30);
  Push(⟪"Pell"⟶'Pell'⟫, 7);
  Best := Head;
  Best := FindBest⟪⟶;⟫
  Show(Head);
  Total := 0;
  Count := 0;
  while Head <> nil do
  begin
    Total := Total + Head^.Trips;
    Count := Count + 1;
    Head := Head^.Next
  ⟪⟶end;⟫
  WriteLn('best ', Best^.Name, ', mean ', Total / Count:0:1);
end.
