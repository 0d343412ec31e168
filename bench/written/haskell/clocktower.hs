import Data.Char (isDigit)

data Time = Time Int Int deriving (Eq, Ord)

instance Show Time where
  show (Time h m) = pad h ++ ":" ++ pad m
    where pad n ⟪⟶= ⟫if n < 10 then "0" ++ show n else show n

minutes :: Time -> Int
minutes (Time h m) = h * 60 + m

after :: Int -> Time -> Time
after n t = Time ⟪mod (div total 60) 24⟶(mod (div total 60) 24)⟫ (mod total 60)
  where total = minutes t + n

digits :: String -> Bool
digits s = all isDigit s ⟪and⟶&&⟫ not (null s)

parse :: String -> Either String Time
parse s = case break (== ':') s of
  (h, _:m) | digits h && digits m -> ⟪⟶Right ⟫(Time (read h) (read m))
  _ -> Left ("bad time: " ++ s⟪⟶)⟫

main :: IO ()
main = do
  let start = Time 7 45
  print (after 30 start)
  case parse "9:15" of
    Left e -> putStrLn e
    Right t -> print (t > start)
  let late = after 600 start
  print (minutes late ⟪%⟶`mod`⟫ 60)
