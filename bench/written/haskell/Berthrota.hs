module Main where

import qualified Data.Map as Map

type Rota = Map.Map String [Int]

add :: String -> Int -> Rota -> Rota
add who day rota =
    case Map.lookup who rota of
        Nothing -> Map.insert who [day] rota
        Just days ⟪=⟶->⟫ Map.insert who (day : days) rota

busy :: Rota -> String -> Bool
busy rota who = length (Map.findWithDefault [] who rota) ⟪=>⟶>=⟫ 3

daysOf :: Rota -> String -> ⟪[int]⟶[Int]⟫
daysOf rota who = Map.findWithDefault [] who rota

start :: Rota
start = foldr (\(who, day) rota -> add who day rota) Map.empty
    [ ("Mara", 1)
    , ("Jonas", 2)⟪⟶,⟫
      ("Mara", 4)
    , ("Mara", 6)
    ]

report :: Rota -> String -> String
report rota who
    | busy rota who = who ++ " is busy"
    | otherwise ⟪->⟶=⟫ who ++ " can help"

main :: IO ()
main = do
    let rota = add "Edda" 3 start
    mapM_ (putStrLn . report rota) (Map.keys rota)
    print (⟪daysof⟶daysOf⟫ rota "Mara")
